package com.keenreel.app.publishing;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.space.Layout;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Answers programs that are given a reel's address and want code for a page (oEmbed 1.0, type "rich"). */
@RestController
class EmbedController {
    private static final int USUAL_WIDTH = 1280;

    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final PublicAddress address;

    EmbedController(ReelStore reels, PublicationStore publications, Publishing publishing, PublicAddress address) {
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
        this.address = address;
    }

    /**
     * The code for the reel at that address. Unknown addresses are answered with 404, other formats than JSON with 501, as
     * the specification wants it.
     *
     * @param maxwidth the width that it will have, px
     */
    @GetMapping("/oembed")
    ResponseEntity<Map<String, Object>> embed(
            @RequestParam String url,
            @RequestParam(defaultValue = "" + USUAL_WIDTH) int maxwidth,
            @RequestParam(defaultValue = "json") String format) {
        if (!format.equals("json")) {
            return ResponseEntity.status(501).body(Map.of("problem", "Only JSON is answered."));
        }
        String start = address.origin() + "/r/";
        Optional<StoredReel> reel = url.startsWith(start)
                ? reels.bySlug(url.substring(start.length()).replaceAll("[/?#].*$", ""))
                : Optional.empty();
        Optional<Published> live = reel.flatMap(one -> publications.live(one.id()));
        if (live.isEmpty()) {
            return ResponseEntity.status(404).body(Map.of("problem", "There is no reel at that address."));
        }
        return ResponseEntity.ok(answer(reel.get(), live.get(), Math.min(Math.max(maxwidth, 280), USUAL_WIDTH)));
    }

    private Map<String, Object> answer(StoredReel reel, Published live, int width) {
        Layout layout = publishing.layout(live);
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("version", "1.0");
        answer.put("type", "rich");
        answer.put("title", live.document().name());
        answer.put("provider_name", "Keen Reel");
        answer.put("provider_url", address.origin());
        answer.put("html", publishing.snippet(reel, live).element());
        answer.put("width", width);
        answer.put(
                "height", Math.round(layout.inHost(layout.setUp(width)).height().at(width)));
        answer.put("cache_age", 3600);
        return answer;
    }
}
