package com.keenreel.player;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Facts;
import com.keenreel.core.text.Advances;
import com.keenreel.imaging.PublishedType;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Base;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.FragmentWriter;
import com.keenreel.publish.Material;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.PlayerFiles;
import com.keenreel.publish.Snippet;
import com.microsoft.playwright.Page;
import com.sun.net.httpserver.Headers;
import com.sun.net.httpserver.HttpExchange;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * Reels that are kept in memory, and the site that visitors know as Keen Reel: what {@code publish} writes of them, answered as
 * it is, without the application.
 *
 * <pre>{@code
 * ReelSite site = new ReelSite(visitor);
 * Page page = site.make("Row", "row", "full", "glaze-milk.jpg", "glaze-moss.jpg").choose("row.shown", null, "2").live();
 * }</pre>
 */
public final class ReelSite extends Site implements ReelMaker<StaticReel> {
    private static final Advances TYPE = new PublishedType();

    private final Visitor visitor;
    private final Map<String, byte[]> contents = new ConcurrentHashMap<>();
    private final Map<String, Published> published = new ConcurrentHashMap<>();
    private final Map<String, String> drafts = new ConcurrentHashMap<>();
    private final Map<PictureId, Photographs.Photograph> pictures = new ConcurrentHashMap<>();
    private int slides;

    /** What is live of a reel. */
    private record Published(String fragment, AddressPage page, Map<String, byte[]> first) {}

    /**
     * A site with no reels.
     *
     * @param visitor opens its pages
     */
    public ReelSite(Visitor visitor) {
        this.visitor = visitor;
        PlayerFiles.shipped()
                .published()
                .forEach(file -> contents.put(file.address().substring("/f/".length()), file.bytes()));
    }

    Visitor visitor() {
        return visitor;
    }

    @Override
    public StaticReel make(String name, String starter, String slot, String... files) {
        List<PictureId> ids = new ArrayList<>();
        for (String file : files) {
            ids.add(new PictureId(picture(file)));
        }
        Reel reel = Arrangements.starter(starter)
                .make(name, Slot.read(slot), ids, () -> new SlideId("s" + ++slides)); // no two of a site share one
        return new StaticReel(this, slug(name), reel);
    }

    private String slug(String name) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        String slug = plain;
        for (int n = 2; drafts.containsKey(slug); n++) {
            slug = plain + "-" + n;
        }
        drafts.put(slug, "");
        return slug;
    }

    @Override
    public String picture(String file) {
        Photographs.Photograph picture = Photographs.of(file);
        pictures.put(picture.facts().id(), picture);
        contents.putAll(picture.contents());
        return picture.facts().id().value();
    }

    /** What layouts need to know of the pictures that a reel shows. */
    Facts facts(Reel reel) {
        Map<PictureId, PictureFacts> facts = new LinkedHashMap<>();
        Map<PictureId, PictureWords> words = new LinkedHashMap<>();
        for (PictureId id : reel.pictures()) {
            facts.put(id, known(id).facts());
            words.put(id, known(id).words());
        }
        return new Facts(facts, words, TYPE);
    }

    private Photographs.Photograph known(PictureId id) {
        Photographs.Photograph picture = pictures.get(id);
        if (picture == null) {
            throw new IllegalArgumentException("Picture " + id + " was not asked for.");
        }
        return picture;
    }

    /**
     * What is written of a reel.
     *
     * @param slug where it is live; null for a draft
     */
    Material material(Reel reel, @Nullable String slug) {
        Map<PictureId, PictureFiles> files = new LinkedHashMap<>();
        reel.pictures().forEach(id -> files.put(id, known(id).files()));
        PictureId first = Material.firstPicture(reel).orElse(null);
        PictureFiles stable = first == null
                ? PictureFiles.of(List.of(new PictureFiles.File(0, "/f/none.svg")))
                : slug == null ? known(first).files() : known(first).first("/r/" + slug + "/");
        return new Material(reel, facts(reel), files, stable);
    }

    /** Makes the present state of a reel live, in the place of a former one. */
    void publish(StaticReel reel, String version) {
        Material material = material(reel.reel(), reel.slug());
        Fragment fragment = FragmentWriter.write(material, version);
        Map<String, byte[]> first = new LinkedHashMap<>();
        material.firstPicture().ifPresent(id -> known(id).firstContents().forEach(first::put));
        published.put(
                reel.slug(),
                new Published(fragment.markedJson(), AddressPage.of(fragment, reel.slug(), material), first));
    }

    /** The snippets of a reel as it is now. */
    Snippet snippet(StaticReel reel) {
        return new Snippet(material(reel.reel(), reel.slug()), origin(), reel.slug());
    }

    /** Puts the draft page of a reel as it is now, with the clock port, and returns its address. */
    String draft(StaticReel reel) {
        Material material = material(reel.reel(), null);
        Fragment fragment = FragmentWriter.write(material, "draft");
        AddressPage page = AddressPage.draft(fragment, reel.slug(), material, "/port.js");
        return page("/draft/" + reel.slug(), page.html(), Map.of("Content-Security-Policy", page.policy()));
    }

    /** A page of the visitor's with what is at that address, once a player runs there. */
    Page running(String address) {
        Page page = visitor.open(address);
        assertThat(page.locator(".run")).hasCount(1);
        return page;
    }

    @Override
    protected void answerOther(HttpExchange exchange, String path) throws IOException {
        Headers headers = exchange.getResponseHeaders();
        headers.set("Access-Control-Allow-Origin", "*");
        headers.set("Cross-Origin-Resource-Policy", "cross-origin");
        headers.set("Content-Type", type(path));
        byte[] body = null;
        if (path.equals("/reel.js")) {
            body = PlayerFiles.shipped().shell().bytes();
        } else if (path.equals("/port.js")) {
            body = PlayerFiles.shipped().port().bytes();
        } else if (path.startsWith("/f/")) {
            headers.set("Cache-Control", "public, max-age=31536000, immutable");
            body = contents.get(path.substring("/f/".length()));
        } else if (path.startsWith("/r/")) {
            headers.set("Cache-Control", "public, no-cache");
            String[] parts = path.substring("/r/".length()).split("/");
            Published live = published.get(parts[0]);
            body = live == null ? null : live(live, parts.length > 1 ? parts[1] : "", headers);
        }
        send(exchange, path, body == null ? 404 : 200, body == null ? new byte[0] : body);
    }

    private byte @Nullable [] live(Published live, String part, Headers headers) {
        if (part.isEmpty()) {
            headers.set("Content-Type", "text/html;charset=utf-8");
            headers.set("Content-Security-Policy", live.page().policy());
            return utf8(Base.putAbsolute(live.page().html(), origin()));
        }
        return switch (part) {
            case "fragment" -> utf8(Base.put(live.fragment(), origin()));
            case Snippet.REACHED -> utf8("<svg xmlns=\"http://www.w3.org/2000/svg\"/>");
            default -> live.first().get(part);
        };
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static String type(String path) {
        return switch (path.substring(path.lastIndexOf('.') + 1)) {
            case "js" -> "text/javascript;charset=utf-8";
            case "woff2" -> "font/woff2";
            case "svg" -> "image/svg+xml";
            case "webp" -> "image/webp";
            case "jpg", "jpeg" -> "image/jpeg";
            case "png" -> "image/png";
            case "webm" -> "video/webm";
            default -> "application/json";
        };
    }
}
