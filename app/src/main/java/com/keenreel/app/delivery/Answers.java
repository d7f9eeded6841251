package com.keenreel.app.delivery;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.app.access.PathHeaders;
import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.PublicStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.Published.Stage;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.video.VideoFile.Kind;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Base;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.PlayerFiles;
import com.keenreel.publish.PlayerFiles.Shipped;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * What the public addresses answer. What is live is kept ready until it changes; files by content never change. What is
 * taken down or unknown answers with an empty reel, not with an error: an error would be logged in every visitor's
 * console.
 */
@Component
class Answers {
    private static final String EMPTY = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 1 1\"/>";
    private static final String HTML = "text/html;charset=utf-8";
    private static final String JSON = "application/json;charset=utf-8";
    private static final String JAVASCRIPT = "text/javascript;charset=utf-8";
    private static final Map<String, String> TYPES = Map.of(
            Kind.MP4.extension(),
            Kind.MP4.mediaType(),
            Kind.WEBM.extension(),
            Kind.WEBM.mediaType(),
            Format.WEBP.extension(),
            Format.WEBP.mediaType(),
            Format.JPEG.extension(),
            Format.JPEG.mediaType(),
            Format.PNG.extension(),
            Format.PNG.mediaType(),
            Format.SVG.extension(),
            Format.SVG.mediaType(),
            "js",
            JAVASCRIPT,
            "woff2",
            "font/woff2");

    /** Files that are kept in memory, bytes in all; each counts for its own and {@link #ENTRY}. */
    private static final long IN_MEMORY = 64L << 20;

    private static final int ENTRY = 500;

    private final PublicStore publications;
    private final ContentFiles files;
    private final PublicAddress publicAddress;
    private final Map<String, Live> live = new ConcurrentHashMap<>();
    private final Cache<String, Answer> byContent = Caffeine.newBuilder()
            .maximumWeight(IN_MEMORY)
            .weigher((String name, Answer file) -> ENTRY + file.weight())
            .build();
    /**
     * What the database said of a file by its content: its format where visitors may have it, nothing where they may
     * not. Forgotten when a publication changes.
     */
    private final Cache<String, Optional<String>> allowed = Caffeine.newBuilder()
            .maximumSize(20_000)
            .expireAfterWrite(Duration.ofSeconds(30))
            .build();

    private final Map<String, Answer> shipped = new HashMap<>();
    private volatile long allowedAt;
    private final Answer shell = shipped(PlayerFiles.shipped().shell());

    Answers(PublicStore publications, ContentFiles files, PublicAddress publicAddress) {
        this.publications = publications;
        this.files = files;
        this.publicAddress = publicAddress;
        PlayerFiles.shipped().published().forEach(own -> shipped.put(own.sha256(), shipped(own)));
    }

    /**
     * One reel that is live, as it was made ready. Changes, origin and, where slides have days, the day tell whether it
     * still holds.
     */
    private record Live(
            long changes,
            String origin,
            LocalDate day,
            Published published,
            Stage stage,
            Answer page,
            Answer fragment) {
        boolean holds(long changesNow, String originNow, LocalDate today) {
            return changes == changesNow
                    && origin.equals(originNow)
                    && (day.equals(today) || published.later().isEmpty());
        }
    }

    private static Answer shipped(Shipped file) {
        return Answer.file(
                TYPES.getOrDefault(file.extension(), "application/octet-stream"), file.bytes(), file.sha256());
    }

    private Optional<Live> live(String slug) {
        long changes = publications.changes();
        String origin = publicAddress.origin();
        LocalDate today = LocalDate.now();
        Live ready = live.get(slug);
        if (ready != null && ready.holds(changes, origin, today)) {
            return Optional.of(ready);
        }
        Optional<Live> fresh = publications.liveAt(slug).map(one -> ready(one, changes, origin, today));
        fresh.ifPresentOrElse(one -> live.put(slug, one), () -> live.remove(slug));
        return fresh;
    }

    private static Live ready(Published published, long changes, String origin, LocalDate today) {
        Stage stage = published.on(today);
        String since = stage.from() == null ? "" : "-" + stage.from();
        String tag = published.id() + since + "-" + Integer.toHexString(origin.hashCode());
        String page = Base.putAbsolute(stage.page(), origin);
        return new Live(
                changes,
                origin,
                today,
                published,
                stage,
                Answer.text(HTML, page, tag, PathHeaders.published(stage.policy())),
                Answer.text(JSON, Base.put(stage.fragment(), origin), tag, null));
    }

    /** What is live at that slug, as an id; empty for nothing. */
    String publication(String slug) {
        return live(slug).map(one -> one.published().id()).orElse("");
    }

    Answer page(String slug) {
        return live(slug).map(Live::page).orElseGet(() -> {
            AddressPage nothing = AddressPage.nothing();
            return Answer.text(HTML, nothing.html(), "nothing", PathHeaders.published(nothing.policy()));
        });
    }

    Answer fragment(String slug) {
        return live(slug)
                .map(Live::fragment)
                .orElseGet(() -> Answer.text(JSON, Fragment.NOTHING.markedJson(), "nothing", null));
    }

    /**
     * The first picture, which snippet and fragment ask for at the same address. Code that was pasted for another picture
     * may ask for a width or a format that is not there any more: it gets the same format rather than another, the next
     * wider one, else the widest.
     */
    Answer first(String slug, int width, String extension) {
        return live(slug)
                .flatMap(one -> one.stage().first().stream()
                        .min(Comparator.comparing(
                                        (Published.File file) -> !file.format().equals(extension))
                                .thenComparing(file -> !file.format().equals("webp"))
                                .thenComparing(file -> file.firstWidth() < width)
                                .thenComparing(file -> Math.abs(file.firstWidth() - width))))
                .map(file -> kept(file.sha256(), file.format()))
                .orElseGet(Answers::emptyPicture);
    }

    /** A picture that shows nothing but that it is reached: asked for anew each time. */
    static Answer reached() {
        return Answer.text(Format.SVG.mediaType(), EMPTY, "reached", null);
    }

    /** What stands in for a picture that is no longer there: one that shows nothing, so that no console logs an error. */
    private static Answer emptyPicture() {
        return Answer.file(Format.SVG.mediaType(), EMPTY.getBytes(StandardCharsets.UTF_8), "nothing");
    }

    /** A published file; empty when visitors may not have it, or not any more. */
    Optional<Answer> file(String sha256, String extension) {
        Answer own = shipped.get(sha256);
        if (own != null) {
            return Optional.of(own).filter(file -> file.type().equals(TYPES.get(extension)));
        }
        long changes = publications.changes();
        if (changes != allowedAt) {
            allowed.invalidateAll();
            allowedAt = changes;
        }
        return allowed.get(sha256, publications::format)
                .filter(extension::equals)
                .map(format -> kept(sha256, format));
    }

    private Answer kept(String sha256, String format) {
        Answer ready = byContent.getIfPresent(sha256);
        if (ready != null) {
            return ready;
        }
        Answer read;
        try {
            read = Answer.kept(TYPES.getOrDefault(format, "application/octet-stream"), files.of(sha256), sha256);
        } catch (IOException failed) {
            throw new UncheckedIOException("A published file cannot be read: " + failed.getMessage(), failed);
        }
        byContent.put(sha256, read);
        return read;
    }

    Answer shell() {
        return shell;
    }
}
