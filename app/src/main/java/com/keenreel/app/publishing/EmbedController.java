package com.keenreel.app.publishing;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.store.PublicStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.core.arrangement.Layout;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Answers programs that are given a reel's address and want code for a page (oEmbed 1.0, type "rich"). */
@RestController
class EmbedController {
    private static final int USUAL_WIDTH = 1280;

    private final ReelStore reels;
    private final PublicStore published;
    private final Publishing publishing;
    private final PublicAddress address;
    private final Map<String, Ready> ready = new ConcurrentHashMap<>();

    EmbedController(ReelStore reels, PublicStore published, Publishing publishing, PublicAddress address) {
        this.reels = reels;
        this.published = published;
        this.publishing = publishing;
        this.address = address;
    }

    /** What is answered of one reel, made ready until a publication, the origin or the day changes. */
    private record Ready(long changes, String origin, LocalDate day, String title, String element, Layout layout) {
        boolean holds(long changesNow, String originNow) {
            return changes == changesNow && origin.equals(originNow) && day.equals(LocalDate.now());
        }
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
        return Optional.of(url)
                .filter(asked -> asked.startsWith(start))
                .map(asked -> asked.substring(start.length()).replaceAll("[/?#].*$", ""))
                .flatMap(this::ready)
                .map(one -> ResponseEntity.ok(answer(one, Math.min(Math.max(maxwidth, 280), USUAL_WIDTH))))
                .orElseGet(
                        () -> ResponseEntity.status(404).body(Map.of("problem", "There is no reel at that address.")));
    }

    private Optional<Ready> ready(String slug) {
        long changes = published.changes();
        Ready known = ready.get(slug);
        if (known != null && known.holds(changes, address.origin())) {
            return Optional.of(known);
        }
        Optional<Ready> fresh = published
                .liveAt(slug)
                .map(live -> new Ready(
                        changes,
                        address.origin(),
                        LocalDate.now(),
                        live.document().name(),
                        publishing.snippet(reels.find(live.reelId()), live).element(),
                        publishing.layout(live)));
        fresh.ifPresentOrElse(one -> ready.put(slug, one), () -> ready.remove(slug));
        return fresh;
    }

    private static Map<String, Object> answer(Ready ready, int width) {
        Layout layout = ready.layout();
        Map<String, Object> answer = new LinkedHashMap<>();
        answer.put("version", "1.0");
        answer.put("type", "rich");
        answer.put("title", ready.title());
        answer.put("provider_name", "Keen Reel");
        answer.put("provider_url", ready.origin());
        answer.put("html", ready.element());
        answer.put("width", width);
        answer.put("height", Math.round(layout.heightInHost(layout.range(width)).at(width, Layout.WINDOW)));
        answer.put("cache_age", 3600);
        return answer;
    }
}
