package com.keenreel.app.pictures;

import com.keenreel.app.jobs.Workers;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** The picture library. */
@Controller
class PictureController {
    private final PictureStore pictures;
    private final ContentFiles files;
    private final Workers workers;

    PictureController(PictureStore pictures, ContentFiles files, Workers workers) {
        this.pictures = pictures;
        this.files = files;
        this.workers = workers;
    }

    /** One picture as pages and scripts see it. */
    record Shown(
            String id,
            String name,
            String state,
            String problem,
            String thumbnail,
            int width,
            int height,
            String alt,
            int usedIn) {
        static Shown of(StoredPicture picture) {
            Version version = picture.version();
            String problem = version.problem();
            return new Shown(
                    picture.id().value(),
                    picture.name(),
                    version.state().name().toLowerCase(Locale.ROOT),
                    problem == null ? "" : problem,
                    Shelf.thumbnail(version),
                    version.width(),
                    version.height(),
                    picture.words().alt(),
                    picture.usedIn());
        }
    }

    @GetMapping("/pictures")
    String page(Model model) {
        List<Shown> shown = pictures.all().stream().map(Shown::of).toList();
        model.addAttribute("pictures", shown);
        model.addAttribute("rows", Rows.of(shown));
        return "pictures";
    }

    /** The choice of pictures that a dialog offers. */
    @GetMapping("/pictures/pick")
    String pick(Model model) {
        model.addAttribute("pictures", pictures.all().stream().map(Shown::of).toList());
        return "pick";
    }

    /**
     * Takes in one file. The answer comes when it is kept; renditions follow. The same content again is the picture that
     * is already there.
     */
    @PostMapping("/pictures")
    @ResponseBody
    ResponseEntity<Object> add(@RequestParam String name, HttpServletRequest request) throws IOException {
        byte[] bytes = read(request);
        try {
            Received file = Received.look(bytes);
            String sha256 = files.put(file.bytes());
            StoredPicture picture =
                    pictures.byContent(sha256).orElseGet(() -> pictures.add(shortened(name), file, sha256));
            workers.ring();
            return ResponseEntity.ok(Shown.of(picture));
        } catch (Refused refused) {
            return ResponseEntity.unprocessableContent().body(Map.of("problem", String.valueOf(refused.getMessage())));
        }
    }

    private static byte[] read(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes((int) Received.MOST_BYTES + 1);
        }
    }

    private static String shortened(String name) {
        String plain = name.replaceAll("[\\p{Cntrl}]", "").strip();
        return plain.isEmpty() ? "picture" : plain.substring(0, Math.min(200, plain.length()));
    }

    /** How far those pictures are. */
    @GetMapping("/pictures/states")
    @ResponseBody
    List<Shown> states(@RequestParam List<String> ids) {
        return pictures.all(ids.stream().map(PictureId::new).toList()).stream()
                .map(Shown::of)
                .toList();
    }

    /** What a picture says by itself. */
    @PutMapping("/pictures/{id}/words")
    @ResponseBody
    Shown say(@PathVariable String id, @RequestBody PictureWords words) {
        pictures.say(new PictureId(id), words);
        return Shown.of(pictures.find(new PictureId(id)));
    }

    /** A version at one width; waits until it is made. */
    @GetMapping("/pictures/versions/{version}/{width}.{extension:webp|svg}")
    ResponseEntity<byte[]> file(@PathVariable long version, @PathVariable int width, @PathVariable String extension) {
        workers.await(version, Duration.ofSeconds(60));
        Made made = pictures.made(version).stream()
                .filter(one -> one.width() == width && one.format().extension().equals(extension))
                .findFirst()
                .orElseThrow(() -> new NotThere("There is no such file."));
        MediaType type = MediaType.parseMediaType(
                made.format() == Format.SVG ? Format.SVG.mediaType() : Format.WEBP.mediaType());
        return ResponseEntity.ok().contentType(type).body(files.read(made.sha256()));
    }
}
