package com.keenreel.app.pictures;

import com.keenreel.app.jobs.Workers;
import com.keenreel.app.publishing.ByItself;
import com.keenreel.app.store.Brought;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.VersionStore;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.text.Typed;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Original;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.video.VideoFile;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;

/** Files coming in, and the files that pictures are shown in. */
@Controller
class UploadController {
    private final PictureStore pictures;
    private final VersionStore versions;
    private final ContentFiles files;
    private final Workers workers;
    private final ByItself byItself;

    UploadController(
            PictureStore pictures, VersionStore versions, ContentFiles files, Workers workers, ByItself byItself) {
        this.pictures = pictures;
        this.versions = versions;
        this.files = files;
        this.workers = workers;
        this.byItself = byItself;
    }

    /** Which of those contents are here already, so that they need not be sent: {@code {sha256: picture}}. */
    @PostMapping("/pictures/known")
    @ResponseBody
    Map<String, Shown> known(@RequestBody List<String> contents) {
        Map<String, Shown> known = new LinkedHashMap<>();
        contents.forEach(sha256 ->
                pictures.byContent(sha256).ifPresent(picture -> known.put(sha256, Shown.of(restored(picture)))));
        return known;
    }

    /** Bringing a picture that lies in the bin takes it out. */
    private StoredPicture restored(StoredPicture picture) {
        if (!picture.binned()) {
            return picture;
        }
        pictures.bin(List.of(picture.id()), false);
        return pictures.find(picture.id());
    }

    /** Keeps a file that will be shown from a copy, as its browser decodes it: {@code {sha256}} names it. */
    @PostMapping("/pictures/originals")
    @ResponseBody
    ResponseEntity<Object> keep(HttpServletRequest request) throws IOException {
        try {
            Original original = Original.look(read(request));
            return ResponseEntity.ok(Map.of("sha256", files.put(original.bytes())));
        } catch (Refused refused) {
            return refused(refused);
        }
    }

    /**
     * Keeps a video, which a picture will stand for: {@code {sha256, width, height, length}}, px and ms, and the picture that
     * does already, if there is one.
     */
    @PostMapping("/pictures/videos")
    @ResponseBody
    ResponseEntity<Object> keepVideo(HttpServletRequest request) throws IOException {
        try {
            String sha256 =
                    files.put(request.getInputStream(), VideoFile.MOST_BYTES).orElseThrow(VideoFile::tooLarge);
            VideoFile video = VideoFile.look(files.of(sha256));
            Map<String, Object> said = new LinkedHashMap<>();
            said.put("sha256", sha256);
            said.put("width", video.width());
            said.put("height", video.height());
            said.put("length", video.length());
            pictures.byContent(sha256).ifPresent(picture -> said.put("picture", Shown.of(restored(picture))));
            return ResponseEntity.ok(said);
        } catch (Refused refused) {
            return refused(refused);
        }
    }

    private static ResponseEntity<Object> refused(Refused refused) {
        return ResponseEntity.unprocessableContent().body(Map.of("problem", String.valueOf(refused.getMessage())));
    }

    /**
     * Takes in one file. The answer comes when it is kept; renditions follow. The same content again is the picture that
     * is already there.
     *
     * @param copy of which original it is a copy, if it is one
     */
    @PostMapping("/pictures")
    @ResponseBody
    ResponseEntity<Object> add(@RequestParam String name, Copy copy, HttpServletRequest request) throws IOException {
        return taken(request, copy, file -> restored(pictures.add(shortened(name), file)));
    }

    /** Takes in another file for a picture; every reel that shows it follows. */
    @PostMapping("/pictures/{id}/file")
    @ResponseBody
    ResponseEntity<Object> replace(@PathVariable String id, Copy copy, HttpServletRequest request) throws IOException {
        PictureId picture = new PictureId(id);
        ResponseEntity<Object> answer = taken(request, copy, file -> versions.replace(picture, file));
        byItself.look();
        return answer;
    }

    private interface Taking {
        StoredPicture of(Brought file);
    }

    /**
     * What a decoded file is a copy of; the framework gives null for what is missing.
     *
     * @param original names the file that was kept
     * @param colours "own" where the numbers of its colours are those of the original's profile
     * @param video names the video that was kept and that it stands for
     * @param plain "yes" where it shows nothing of that video, because the browser did not either
     */
    record Copy(
            @Nullable String original,
            @Nullable String colours,
            @Nullable String video,
            @Nullable String plain) {}

    private ResponseEntity<Object> taken(HttpServletRequest request, Copy copy, Taking taking) throws IOException {
        byte[] bytes = read(request);
        try {
            Received file = Received.look(bytes);
            String original = copy.original();
            if (original != null) {
                file = file.of(Original.look(files.read(original)), "own".equals(copy.colours()));
            }
            String sha256 = files.put(file.bytes());
            if (original != null) {
                pictures.keepsOriginal(sha256, original);
            }
            StoredPicture picture = taking.of(brought(file, sha256, copy));
            workers.ring();
            return ResponseEntity.ok(Shown.of(picture));
        } catch (Refused refused) {
            return refused(refused);
        }
    }

    private Brought brought(Received file, String sha256, Copy copy) throws Refused, IOException {
        String content = copy.video();
        if (content == null) {
            return new Brought(file, sha256);
        }
        Path place = files.of(content);
        if (!Files.exists(place)) {
            throw new Refused("Its video is not here. Bring it again.");
        }
        VideoFile video = VideoFile.look(place);
        double ratio = (double) video.width() / video.height();
        if (Math.abs((double) file.width() / file.height() / ratio - 1) > 0.02) {
            throw new Refused("What stands for a video is as wide to its height as that is.");
        }
        boolean plain = "yes".equals(copy.plain());
        String note = plain ? "This browser showed nothing of it: take a picture that stands for it." : "";
        return new Brought(
                        file.saying(note),
                        sha256,
                        new KeptVideo(content, video.kind(), Files.size(place), video.length()))
                .saying(video.note());
    }

    private static byte[] read(HttpServletRequest request) throws IOException {
        try (InputStream in = request.getInputStream()) {
            return in.readNBytes((int) Received.MOST_BYTES + 1);
        }
    }

    private static String shortened(String name) {
        String plain = Typed.cleaned(name).replaceAll("\\p{Cntrl}", "").strip();
        return plain.isEmpty() ? "picture" : plain.substring(0, Math.min(200, plain.length()));
    }

    /** How far those pictures are. */
    @PostMapping("/pictures/states")
    @ResponseBody
    List<Shown> states(@RequestBody List<String> ids) {
        return pictures.all(ids.stream().map(PictureId::new).toList()).stream()
                .map(Shown::of)
                .toList();
    }

    /** The video that a version stands for, whole or a stretch of it. */
    @GetMapping("/pictures/versions/{version}/video.{extension:mp4|webm}")
    ResponseEntity<Resource> video(@PathVariable long version, @PathVariable String extension) {
        KeptVideo video = versions.version(version).video();
        if (video == null || !video.kind().extension().equals(extension)) {
            throw new NotThere("There is no such video.");
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(video.kind().mediaType()))
                .body(new FileSystemResource(files.of(video.sha256())));
    }

    /** A version at one width; waits until it is made. */
    @GetMapping("/pictures/versions/{version}/{width}.{extension:webp|svg}")
    ResponseEntity<byte[]> file(@PathVariable long version, @PathVariable int width, @PathVariable String extension) {
        workers.await(version, Duration.ofSeconds(60));
        Made made = versions.made(version).stream()
                .filter(one -> one.width() == width && one.format().extension().equals(extension))
                .findFirst()
                .orElseThrow(() -> new NotThere("There is no such file."));
        MediaType type = MediaType.parseMediaType(
                made.format() == Format.SVG ? Format.SVG.mediaType() : Format.WEBP.mediaType());
        return ResponseEntity.ok().contentType(type).body(files.read(made.sha256()));
    }
}
