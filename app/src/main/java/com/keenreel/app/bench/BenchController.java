package com.keenreel.app.bench;

import com.keenreel.app.access.PathHeaders;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.EditJson;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Layout;
import com.keenreel.core.space.Measured;
import com.keenreel.publish.AddressPage;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** The bench of one reel. */
@Controller
@RequestMapping("/reels/{id}")
class BenchController {
    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final Bench bench;
    private final Parts parts;

    BenchController(ReelStore reels, PublicationStore publications, Publishing publishing, Bench bench, Parts parts) {
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
        this.bench = bench;
        this.parts = parts;
    }

    @GetMapping
    String open(@PathVariable String id, Model model) {
        StoredReel reel = reels.find(id);
        model.addAllAttributes(bench.model(reel, null, null));
        return "bench";
    }

    /** The ids of the slides, in running order. */
    @GetMapping("/slides")
    @ResponseBody
    List<String> slides(@PathVariable String id) {
        return reels.find(id).reel().slides().stream()
                .map(slide -> slide.id().value())
                .toList();
    }

    /** The answer to everything that may change what the bench shows. */
    record Answer(
            long revision,
            Map<String, String> parts,
            @com.fasterxml.jackson.annotation.JsonRawValue String fragment,
            List<Screen> screens) {}

    /** The bench as it is stored now. */
    @GetMapping("/parts")
    @ResponseBody
    Answer parts(@PathVariable String id, @RequestParam String window, @RequestParam(required = false) String slide) {
        StoredReel reel = reels.find(id);
        return answer(reel, window, slide);
    }

    /** Stores an edit: {@code {window, editId, on, slide, edit: {kind, ...}}}. */
    @PostMapping("/edits")
    @ResponseBody
    Answer edit(@PathVariable String id, @RequestBody JsonNode request) {
        Edit edit = EditJson.read(request.path("edit"));
        StoredReel reel = reels.apply(
                id, edit, window(request), editId(request), request.path("on").asLong(0));
        return answer(reel, window(request), slide(request));
    }

    /** What an edit would show: fragment and screens, no parts; nothing is stored. */
    @PostMapping("/preview")
    @ResponseBody
    Answer preview(@PathVariable String id, @RequestBody JsonNode request) {
        StoredReel reel = reels.find(id);
        return shown(reel, EditJson.read(request.path("edit")).applyTo(reel.reel()), Map.of());
    }

    @PostMapping("/undo")
    @ResponseBody
    Answer undo(@PathVariable String id, @RequestBody JsonNode request) {
        StoredReel reel = reels.undo(id, window(request), editId(request));
        return answer(reel, window(request), slide(request));
    }

    @PostMapping("/redo")
    @ResponseBody
    Answer redo(@PathVariable String id, @RequestBody JsonNode request) {
        StoredReel reel = reels.redo(id, window(request), editId(request));
        return answer(reel, window(request), slide(request));
    }

    private Answer answer(StoredReel reel, String window, @Nullable String slide) {
        return shown(reel, reel.reel(), parts.of(bench.model(reel, window, slide)));
    }

    private Answer shown(StoredReel stored, Reel shown, Map<String, String> parts) {
        return new Answer(
                stored.revision(),
                parts,
                publishing.draft(stored, shown).json(""),
                shown.slides().isEmpty() ? List.of() : Screen.of(shown, publishing.layout(shown)));
    }

    private static String window(JsonNode request) {
        return named(request, "window");
    }

    private static String editId(JsonNode request) {
        return named(request, "editId");
    }

    private static String named(JsonNode request, String key) {
        String value = request.path(key).asString("");
        if (!value.matches("[A-Za-z0-9-]{1,64}")) {
            throw new IllegalArgumentException("An edit names its window and itself.");
        }
        return value;
    }

    private static @Nullable String slide(JsonNode request) {
        return request.hasNonNull("slide") ? request.path("slide").asString() : null;
    }

    /** What a wall's frame shows. */
    @GetMapping("/draft")
    ResponseEntity<String> draft(@PathVariable String id) {
        StoredReel reel = reels.find(id);
        AddressPage page = publishing.draftPage(reel, "/app/port.js");
        return ResponseEntity.ok()
                .headers(PathHeaders.draft(page.policy()))
                .contentType(MediaType.parseMediaType("text/html;charset=utf-8"))
                .body(page.html());
    }

    /** Predicted boxes. */
    record Predicted(double width, double view, String setUp, List<Measured> boxes) {}

    @GetMapping("/layout")
    @ResponseBody
    Predicted layout(
            @PathVariable String id,
            @RequestParam double width,
            @RequestParam(defaultValue = "800") double view,
            @RequestParam(required = false) String state) {
        StoredReel reel = reels.find(id);
        Optional<Published> live = "head".equals(state) ? Optional.empty() : publications.live(id);
        Layout layout = live.map(publishing::layout).orElseGet(() -> publishing.layout(reel.reel()));
        return new Predicted(width, view, layout.setUp(width).word(), layout.at(width, view));
    }
}
