package com.keenreel.app.bench;

import com.keenreel.app.access.PathHeaders;
import com.keenreel.app.document.EditJson;
import com.keenreel.app.publishing.Draft;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.EditStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.MeasuredType;
import com.keenreel.core.space.Moment;
import com.keenreel.publish.AddressPage;
import java.util.LinkedHashMap;
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
    private final EditStore edits;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final Bench bench;
    private final Redrawn.Maker answers;

    BenchController(
            ReelStore reels,
            EditStore edits,
            PublicationStore publications,
            Publishing publishing,
            Bench bench,
            Redrawn.Maker answers) {
        this.reels = reels;
        this.edits = edits;
        this.publications = publications;
        this.publishing = publishing;
        this.bench = bench;
        this.answers = answers;
    }

    @GetMapping
    String open(@PathVariable String id, Model model) {
        model.addAllAttributes(bench.model(publishing.draft(reels.find(id)), null, null));
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

    /** What slides say themselves, by slide and field; nothing of what they leave to their pictures. */
    @GetMapping("/words")
    @ResponseBody
    Map<String, Map<String, String>> words(@PathVariable String id) {
        Map<String, Map<String, String>> words = new LinkedHashMap<>();
        for (Slide slide : reels.find(id).reel().slides()) {
            Map<String, String> own = new LinkedHashMap<>();
            for (Words.Field field : Words.Field.values()) {
                String said = slide.words().said(field);
                if (said != null) {
                    own.put(field.word(), said);
                }
            }
            words.put(slide.id().value(), own);
        }
        return words;
    }

    /** All that can be chosen, by the words that people use for it. */
    @GetMapping("/index")
    @ResponseBody
    List<Index.Entry> index(@PathVariable String id) {
        Draft draft = publishing.draft(reels.find(id));
        return draft.reel().slides().isEmpty() ? List.of() : Index.of(draft.reel(), draft.layout(), draft.facts());
    }

    /** The bench as it is stored now. */
    @GetMapping("/parts")
    @ResponseBody
    Redrawn parts(
            @PathVariable String id,
            @RequestParam String window,
            @RequestParam(required = false) @Nullable String slide,
            @RequestParam(required = false) @Nullable Double page,
            @RequestParam(defaultValue = "") String shows) {
        return answers.whole(reels.find(id), new Asked(window, "none", slide, page, shows));
    }

    /** The brief, or the sheet of a slide that was picked; the wall stays as it is. */
    @GetMapping("/band")
    @ResponseBody
    Redrawn band(
            @PathVariable String id,
            @RequestParam String window,
            @RequestParam(required = false) @Nullable String slide,
            @RequestParam(required = false) @Nullable Double page) {
        return answers.band(reels.find(id), new Asked(window, "none", slide, page, ""));
    }

    /**
     * What is needed to lay crops and press targets over the pages.
     *
     * @param target px that a press target needs each way
     * @param focal the focal point of every slide, by its id and by set-up
     */
    record Overlay(double target, Map<String, Map<String, FocalPoint>> focal) {}

    @GetMapping("/overlay")
    @ResponseBody
    Overlay overlay(@PathVariable String id) {
        Draft draft = publishing.draft(reels.find(id));
        Map<String, Map<String, FocalPoint>> focal = new LinkedHashMap<>();
        for (Slide slide : draft.reel().slides()) {
            Map<String, FocalPoint> own = new LinkedHashMap<>();
            for (SetUp setUp : SetUp.values()) {
                own.put(setUp.word(), draft.facts().focal(slide, setUp));
            }
            focal.put(slide.id().value(), own);
        }
        return new Overlay(Layout.TARGET, focal);
    }

    /** How the reel would stand in each arrangement, by its word: a drawing, and what it would keep without showing it. */
    @GetMapping("/arrangements")
    @ResponseBody
    Map<String, String> arrangements(@PathVariable String id) {
        return ArrangementDrawing.all(publishing.draft(reels.find(id)));
    }

    /** What arrows show in each form, by its word. */
    @GetMapping("/arrows")
    @ResponseBody
    Map<String, String> arrows() {
        return ArrowDrawing.all();
    }

    /**
     * How one slide would give way to the next with each value of an option, by the value: a drawing that moves.
     *
     * @param option its key
     * @param slide for which alone it would be chosen, if any
     */
    @GetMapping("/changes")
    @ResponseBody
    Map<String, String> changes(
            @PathVariable String id,
            @RequestParam String option,
            @RequestParam(required = false) @Nullable String slide) {
        Draft draft = publishing.draft(reels.find(id));
        return ChangeDrawing.all(draft, Arrangements.option(option), slide == null ? null : new SlideId(slide));
    }

    /** What tells whether the bench still shows what there is. */
    record State(String state) {}

    @GetMapping("/state")
    @ResponseBody
    State state(@PathVariable String id) {
        return new State(reels.find(id).state());
    }

    /** What the wall says of its pages, with one more of that width. */
    @GetMapping("/screens")
    @ResponseBody
    List<Screen> screens(@PathVariable String id, @RequestParam double page) {
        return Screen.of(publishing.draft(reels.find(id)), page);
    }

    /** Stores an edit: {@code {window, editId, on, slide, page, edit: {kind, ...}}}. */
    @PostMapping("/edits")
    @ResponseBody
    Redrawn edit(@PathVariable String id, @RequestBody JsonNode request) {
        Asked asked = Asked.of(request);
        return answers.whole(stored(id, request, asked), asked);
    }

    /** The same for who needs the new revision alone and says so (RFC 7240): nothing is drawn for it. */
    @PostMapping(path = "/edits", headers = "Prefer=return=minimal")
    @ResponseBody
    Map<String, Long> editUnseen(@PathVariable String id, @RequestBody JsonNode request) {
        return Map.of("revision", stored(id, request, Asked.of(request)).revision());
    }

    private StoredReel stored(String id, JsonNode request, Asked asked) {
        Edit edit = EditJson.read(request.path("edit")).meant();
        return edits.apply(
                id, edit, asked.window(), asked.editId(), request.path("on").asLong(0));
    }

    /** What an edit would show: fragment, screens, and the crops of an open sheet; nothing is stored. */
    @PostMapping("/preview")
    @ResponseBody
    Redrawn preview(@PathVariable String id, @RequestBody JsonNode request) {
        StoredReel reel = reels.find(id);
        Reel shown = EditJson.read(request.path("edit")).meant().applyTo(reel.reel());
        return answers.wall(reel, shown, Asked.of(request));
    }

    @PostMapping("/undo")
    @ResponseBody
    Redrawn undo(@PathVariable String id, @RequestBody JsonNode request) {
        Asked asked = Asked.of(request);
        return answers.whole(edits.undo(id, asked.window(), asked.editId()), asked);
    }

    @PostMapping("/redo")
    @ResponseBody
    Redrawn redo(@PathVariable String id, @RequestBody JsonNode request) {
        Asked asked = Asked.of(request);
        return answers.whole(edits.redo(id, asked.window(), asked.editId()), asked);
    }

    /** What a wall's frame shows. */
    @GetMapping("/draft")
    ResponseEntity<String> draft(@PathVariable String id) {
        AddressPage page = publishing.page(publishing.draft(reels.find(id)), "/app/port.js");
        return ResponseEntity.ok()
                .headers(PathHeaders.draft(page.policy()))
                .contentType(MediaType.parseMediaType("text/html;charset=utf-8"))
                .body(page.html());
    }

    /** Predicted boxes, and type. */
    record Predicted(double width, double view, String setUp, List<Measured> boxes, List<MeasuredType> type) {}

    @GetMapping("/layout")
    @ResponseBody
    Predicted layout(
            @PathVariable String id,
            @RequestParam double width,
            @RequestParam(defaultValue = "800") double view,
            @RequestParam(defaultValue = "0") double t,
            @RequestParam(required = false) @Nullable Double scrolled,
            @RequestParam(required = false) String state) {
        return predicted(layout(id, state), width, new Moment(view, t, scrolled));
    }

    /** The same at the first moment, for many widths at once. */
    @GetMapping("/layouts")
    @ResponseBody
    List<Predicted> layouts(
            @PathVariable String id,
            @RequestParam List<Double> width,
            @RequestParam(defaultValue = "800") double view,
            @RequestParam(required = false) String state) {
        Layout layout = layout(id, state);
        return width.stream()
                .map(one -> predicted(layout, one, Moment.first(view)))
                .toList();
    }

    private Layout layout(String id, @Nullable String state) {
        StoredReel reel = reels.find(id);
        Optional<Published> live = "head".equals(state) ? Optional.empty() : publications.live(id);
        return live.map(publishing::layout).orElseGet(() -> publishing.layout(reel.reel()));
    }

    private static Predicted predicted(Layout layout, double width, Moment moment) {
        return new Predicted(
                width,
                moment.view(),
                layout.range(width).setUp().word(),
                layout.laidOut(width, moment),
                layout.typeAt(width));
    }
}
