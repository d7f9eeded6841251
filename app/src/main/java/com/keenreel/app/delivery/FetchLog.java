package com.keenreel.app.delivery;

import com.keenreel.app.access.Settings;
import com.keenreel.app.store.FetchStore;
import com.keenreel.app.store.FetchStore.Seen;
import jakarta.annotation.PreDestroy;
import java.net.URI;
import java.net.URISyntaxException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Notes on which pages reels are seen, so that their editor knows where they are and what they show there. Of a page only
 * its origin and path are noted, of its visitors nothing. Notes are stored together, so that a visit costs no write.
 */
@Component
public class FetchLog {
    private static final Logger LOG = LoggerFactory.getLogger(FetchLog.class);
    private static final int WAITING = 1000;
    private static final int LONGEST = 500;

    private final FetchStore store;
    private final Settings settings;
    private final Map<String, Seen> waiting = new ConcurrentHashMap<>();
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "fetch-log");
        thread.setDaemon(true);
        return thread;
    });

    FetchLog(FetchStore store, Settings settings) {
        this.store = store;
        this.settings = settings;
        Future<?> unused = clock.scheduleWithFixedDelay(this::storeQuietly, 5, 5, TimeUnit.SECONDS);
    }

    /** Notes that a page asked for a reel; what names no page is not noted. */
    void seen(String slug, @Nullable String referrer, String publication, boolean framed) {
        if (referrer == null || waiting.size() >= WAITING) {
            return;
        }
        String page = page(referrer);
        if (page != null && !page.startsWith(settings.origin() + "/")) {
            waiting.put(slug + " " + page, new Seen(slug, page, publication, framed, System.currentTimeMillis()));
        }
    }

    /** Origin and path of an address; null when it is no page's. */
    static @Nullable String page(String referrer) {
        try {
            URI address = new URI(referrer);
            String scheme = address.getScheme();
            String host = address.getHost();
            if (host == null || scheme == null || !scheme.matches("https?") || referrer.length() > LONGEST) {
                return null;
            }
            String port = address.getPort() < 0 ? "" : ":" + address.getPort();
            String path = address.getRawPath();
            return scheme + "://" + host + port + (path == null || path.isEmpty() ? "/" : path);
        } catch (URISyntaxException none) {
            return null;
        }
    }

    /** The pages that showed that reel lately, seen last first. */
    public List<Seen> of(String reelId) {
        store();
        return store.of(reelId);
    }

    private synchronized void store() {
        List<Seen> notes = new ArrayList<>(waiting.values());
        if (!notes.isEmpty()) {
            store.put(notes);
            notes.forEach(note -> waiting.remove(note.slug() + " " + note.page(), note));
        }
    }

    private void storeQuietly() {
        try {
            store();
        } catch (RuntimeException later) {
            LOG.warn("The pages that showed reels could not be noted; they are tried again", later);
        }
    }

    @PreDestroy
    void leave() {
        clock.shutdownNow();
        storeQuietly();
    }
}
