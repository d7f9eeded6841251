package com.keenreel.app.bench;

import com.keenreel.app.store.EditStore;
import com.keenreel.app.store.HistoryStore;
import com.keenreel.app.store.HistoryStore.Revision;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** What was done to a reel: looked at on the wall, named, brought back. */
@Controller
@RequestMapping("/reels/{id}/history")
class HistoryController {
    private static final int PAGE = 100;
    private static final int MOST = 20_000;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH);

    private final ReelStore reels;
    private final EditStore edits;
    private final HistoryStore history;
    private final PublicationStore publications;
    private final Redrawn.Maker answers;

    HistoryController(
            ReelStore reels,
            EditStore edits,
            HistoryStore history,
            PublicationStore publications,
            Redrawn.Maker answers) {
        this.reels = reels;
        this.edits = edits;
        this.history = history;
        this.publications = publications;
        this.answers = answers;
    }

    /**
     * A revision in the list.
     *
     * @param about when it was made, by whom, and whether it is what holds or what is live
     * @param now whether it is what holds
     */
    record Line(long number, String words, String about, String name, boolean now) {
        /** What the field for its name is called. */
        public String nameOf() {
            return "Name of revision " + number;
        }
    }

    /** The list: the newest revisions, as many as that. */
    @GetMapping
    String list(
            @PathVariable String id,
            @RequestParam String window,
            @RequestParam(defaultValue = "0") int lines,
            Model model) {
        StoredReel reel = reels.find(id);
        long live = publications.live(id).map(Published::revision).orElse(-1L);
        int wanted = Math.min(MOST, Math.max(PAGE, lines));
        List<Revision> some = history.newest(id, wanted);
        model.addAttribute(
                "lines",
                some.stream()
                        .map(one -> new Line(
                                one.number(),
                                one.words(),
                                when(one.madeAt())
                                        + (one.editor().equals(window) ? ", you" : ", another window")
                                        + (one.number() == reel.revision() ? ", now" : "")
                                        + (one.number() == live ? ", live" : ""),
                                one.name(),
                                one.number() == reel.revision()))
                        .toList());
        model.addAttribute("older", some.size() == wanted ? wanted + PAGE : 0);
        return "history";
    }

    private static String when(long at) {
        ZonedDateTime made = Instant.ofEpochMilli(at).atZone(ZoneId.systemDefault());
        return (made.toLocalDate().equals(LocalDate.now()) ? TIME : DAY).format(made);
    }

    /** The wall as it was at that revision; nothing is changed. */
    @GetMapping("/{revision}")
    @ResponseBody
    Redrawn look(
            @PathVariable String id,
            @PathVariable long revision,
            @RequestParam(required = false) @Nullable Double page,
            @RequestParam(defaultValue = "") String shows) {
        return answers.wall(reels.find(id), reels.shownAt(id, revision), new Asked("none", "none", null, page, shows));
    }

    /** Makes the reel what it was at that revision. */
    @PostMapping("/{revision}")
    @ResponseBody
    Redrawn bringBack(@PathVariable String id, @PathVariable long revision, @RequestBody JsonNode request) {
        Asked asked = Asked.of(request);
        return answers.whole(edits.bringBack(id, revision, asked.window(), asked.editId()), asked);
    }

    /** Calls a revision by a name: {@code {name}}. */
    @PutMapping("/{revision}/name")
    @ResponseBody
    Map<String, String> call(@PathVariable String id, @PathVariable long revision, @RequestBody JsonNode request) {
        String name = request.path("name").asString("");
        history.call(id, revision, name);
        return Map.of("name", name.strip());
    }
}
