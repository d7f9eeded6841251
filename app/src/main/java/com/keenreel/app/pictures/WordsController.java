package com.keenreel.app.pictures;

import com.keenreel.app.pictures.WordsCsv.Changes;
import com.keenreel.app.publishing.ByItself;
import com.keenreel.app.publishing.PathsMeant;
import com.keenreel.app.store.Library.Found;
import com.keenreel.app.store.Library.Wanted;
import com.keenreel.app.store.LibraryStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PictureStore.Saying;
import com.keenreel.app.store.SetStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Link;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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
import tools.jackson.databind.JsonNode;

/** What pictures say, one at a time, as a table, and as CSV. */
@Controller
class WordsController {
    private final PictureStore pictures;
    private final LibraryStore library;
    private final SetStore sets;
    private final ByItself byItself;
    private final PathsMeant pathsMeant;

    /** Held from reading what pictures say to saying something else, so that fields that are stored at once all stay. */
    private final Object oneByOne = new Object();

    WordsController(
            PictureStore pictures, LibraryStore library, SetStore sets, ByItself byItself, PathsMeant pathsMeant) {
        this.pictures = pictures;
        this.library = library;
        this.sets = sets;
        this.byItself = byItself;
        this.pathsMeant = pathsMeant;
    }

    /** A line of the table. */
    record Line(Shown picture, String sets) {}

    /** The words of those pictures as a table. */
    @GetMapping("/pictures/words")
    String table(@RequestParam List<String> ids, Model model) {
        List<PictureId> wanted = ids.stream().map(PictureId::new).toList();
        Map<PictureId, List<String>> names = sets.names(wanted);
        List<Line> lines = new ArrayList<>();
        List<StoredPicture> found = pictures.all(wanted);
        for (PictureId id : wanted) {
            found.stream()
                    .filter(picture -> picture.id().equals(id))
                    .findFirst()
                    .ifPresent(picture ->
                            lines.add(new Line(Shown.of(picture), said(names.getOrDefault(id, List.of())))));
        }
        model.addAttribute("lines", lines);
        return "picture-words";
    }

    private static String said(List<String> sets) {
        return sets.isEmpty() ? "–" : String.join(", ", sets);
    }

    /**
     * What a picture says now.
     *
     * @param link as it is meant
     * @param asksPaths whether that is a path of wherever the reel is pasted into, and nobody has said that such are meant
     */
    record Spoken(String link, String leads, boolean asksPaths, String found) {}

    /** What a picture says by itself; what is not given stays. */
    @PutMapping("/pictures/{id}/words")
    @ResponseBody
    Spoken say(@PathVariable String id, @RequestBody JsonNode said) {
        PictureId picture = new PictureId(id);
        synchronized (oneByOne) {
            StoredPicture now = pictures.find(picture);
            pictures.say(List.of(saying(
                    now,
                    said.path("title").asString(now.words().title()),
                    said.path("caption").asString(now.words().caption()),
                    said.path("alt").asString(now.words().alt()),
                    said.path("credit").asString(now.credit()),
                    said.path("link").asString(now.words().link()))));
        }
        byItself.look();
        Shown shown = Shown.of(pictures.find(picture));
        boolean asks = Link.isOwn(shown.link()) && !pathsMeant.isSaid();
        return new Spoken(shown.link(), shown.leads(), asks, shown.found());
    }

    /** Somebody has looked at what was found in the files of {@code {ids}}. */
    @PutMapping("/pictures/looked")
    @ResponseBody
    Map<String, Integer> looked(@RequestBody JsonNode request) {
        List<PictureId> ids = new ArrayList<>();
        request.path("ids").forEach(id -> ids.add(new PictureId(id.asString())));
        synchronized (oneByOne) {
            pictures.looked(ids);
        }
        return Map.of("looked", ids.size());
    }

    private static Saying saying(
            StoredPicture now, String title, String caption, String alt, String credit, String link) {
        try {
            PictureWords words = new PictureWords(title, caption, alt, Link.meant(link)).of(now.name());
            return new Saying(now.id(), words, credit);
        } catch (IllegalArgumentException notAllowed) {
            throw new Refusal(String.valueOf(notAllowed.getMessage()));
        }
    }

    /** The words of everything that is wished for, or of those pictures, as CSV. */
    @GetMapping("/pictures/words.csv")
    ResponseEntity<byte[]> csv(Wish wish, @RequestParam(required = false) List<String> ids) {
        List<StoredPicture> wanted;
        if (ids != null) {
            wanted = pictures.all(ids.stream().map(PictureId::new).toList());
        } else {
            Found found = library.find(wish.wanted(Set.of()), 0, Integer.MAX_VALUE);
            wanted = found.pictures();
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("words.csv")
                                .build()
                                .toString())
                .body(WordsCsv.write(wanted).getBytes(StandardCharsets.UTF_8));
    }

    /** What a CSV would change: shown before anything is. */
    @PostMapping("/pictures/words.csv/look")
    String look(@RequestBody String csv, Model model) {
        Changes changes = changes(csv);
        model.addAttribute("changes", changes);
        model.addAttribute("asksPaths", changes.leadsToOwn() && !pathsMeant.isSaid());
        return "picture-words-csv";
    }

    /**
     * Changes it.
     *
     * @param seen names what was shown before; refused when it would change something else by now
     */
    @PostMapping("/pictures/words.csv")
    @ResponseBody
    Taken take(@RequestBody String csv, @RequestParam(required = false) @Nullable String seen) {
        Taken taken;
        synchronized (oneByOne) {
            WordsCsv.Changes changes = changes(csv);
            if (seen != null && !seen.equals(changes.seen())) {
                throw new Refusal("Pictures say something else meanwhile. This is what the file changes now.");
            }
            taken = take(changes);
        }
        byItself.look();
        return taken;
    }

    private Taken take(WordsCsv.Changes changes) {
        List<Words> before = changes.changed().stream()
                .map(WordsCsv.Change::picture)
                .map(was -> new Words(was.id(), was.title(), was.caption(), was.alt(), was.credit(), was.link()))
                .toList();
        List<Saying> after =
                changes.changed().stream().map(WordsCsv.Change::saying).toList();
        pictures.say(after);
        return new Taken(after.size(), before, after.stream().map(Words::of).toList());
    }

    /**
     * What a CSV has changed.
     *
     * @param changed how many pictures say something else
     * @param before what they said
     * @param after what they say
     */
    record Taken(int changed, List<Words> before, List<Words> after) {}

    /** What a picture says, as it can be said again. */
    record Words(String id, String title, String caption, String alt, String credit, String link) {
        static Words of(Saying saying) {
            PictureWords words = saying.words();
            return new Words(
                    saying.id().value(), words.title(), words.caption(), words.alt(), saying.credit(), words.link());
        }
    }

    private WordsCsv.Changes changes(String csv) {
        List<StoredPicture> all = library.find(Wanted.ALL, 0, Integer.MAX_VALUE).pictures();
        return WordsCsv.read(csv, all, WordsController::saying);
    }
}
