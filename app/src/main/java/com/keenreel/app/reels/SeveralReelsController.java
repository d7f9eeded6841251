package com.keenreel.app.reels;

import com.keenreel.app.store.Erasing;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseBody;
import tools.jackson.databind.JsonNode;

/** What is done to one or several reels from the list: {@code {reels: [id], window}}. */
@Controller
class SeveralReelsController {
    private static final int NAME = 120;

    private final ReelStore reels;
    private final PublicationStore publications;
    private final Erasing erasing;

    SeveralReelsController(ReelStore reels, PublicationStore publications, Erasing erasing) {
        this.reels = reels;
        this.publications = publications;
        this.erasing = erasing;
    }

    private List<StoredReel> asked(JsonNode request) {
        List<StoredReel> asked = new ArrayList<>();
        request.path("reels").forEach(id -> asked.add(reels.find(id.asString())));
        return asked;
    }

    /** Makes another reel of each, as it is on the bench, with a history of its own. */
    @PostMapping("/reels/duplicate")
    @ResponseBody
    Map<String, List<String>> duplicate(@RequestBody JsonNode request) {
        String window = request.path("window").asString("list");
        List<String> made = new ArrayList<>();
        for (StoredReel reel : asked(request)) {
            made.add(reels.make(named(reel.reel()), window).id());
        }
        return Map.of("reels", made);
    }

    private static Reel named(Reel reel) {
        String more = ", again";
        String name = reel.name();
        return reel.withName(name.substring(0, Math.min(name.length(), NAME - more.length())) + more);
    }

    /** Takes them down: pages that carry them show nothing in their place. */
    @PostMapping("/reels/take-down")
    @ResponseBody
    Map<String, Integer> takeDown(@RequestBody JsonNode request) {
        List<StoredReel> asked = asked(request);
        asked.forEach(reel -> publications.takeDown(reel.id()));
        return Map.of("reels", asked.size());
    }

    /** What to ask before they go into the bin; empty when none is live. */
    @PostMapping("/reels/bin/ask")
    @ResponseBody
    Map<String, String> ask(@RequestBody JsonNode request) {
        List<String> live = asked(request).stream()
                .filter(reel -> reel.live() != null)
                .map(reel -> reel.reel().name())
                .toList();
        if (live.isEmpty()) {
            return Map.of("question", "");
        }
        boolean one = live.size() == 1;
        return Map.of(
                "question",
                String.join(", ", live) + (one ? " is" : " are") + " live. In the bin "
                        + (one ? "it is" : "they are") + " taken down: pages that carry " + (one ? "it" : "them")
                        + " show nothing in " + (one ? "its" : "their") + " place until "
                        + (one ? "it is" : "they are") + " taken out and put back.");
    }

    /** Into the bin, taken down; or out of it, as taken down: {@code {reels: [id], into}}. */
    @PostMapping("/reels/bin")
    @ResponseBody
    Map<String, Integer> bin(@RequestBody JsonNode request) {
        boolean into = request.path("into").asBoolean(true);
        List<StoredReel> asked = asked(request);
        for (StoredReel reel : asked) {
            if (into) {
                publications.takeDown(reel.id());
            }
            reels.bin(reel.id(), into);
        }
        return Map.of("reels", asked.size());
    }

    /** Deletes reels that lie in the bin for good, with their histories and publications: {@code {reels: [id]}}. */
    @PostMapping("/reels/erasure")
    @ResponseBody
    Map<String, Integer> erase(@RequestBody JsonNode request) {
        int erased = 0;
        for (JsonNode id : request.path("reels")) {
            erasing.reel(id.asString());
            erased++;
        }
        return Map.of("reels", erased);
    }
}
