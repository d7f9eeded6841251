package com.keenreel.publish;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.List;
import org.jsoup.nodes.Entities;

/**
 * A page that shows one reel and nothing else, at the window's width, before any script runs: at the reel's own address,
 * in a frame of the wall, or in a folder.
 *
 * @param html the page; {@link Base#putAbsolute} completes it
 * @param policy its content security policy, which allows exactly the style sheets that are in it
 */
public record AddressPage(String html, String policy) {
    /** The heading is for those who listen, and for machines; what is to be seen says itself. */
    private static final String PLAIN = "body{margin:0}"
            + "h1{position:absolute;width:1px;height:1px;margin:0;overflow:hidden;clip-path:inset(50%);white-space:nowrap}";

    /** What a page that shows nothing is called. */
    private static final String NOTHING = "Nothing is shown here";

    /** The page of a reel that is taken down or unknown. */
    public static AddressPage nothing() {
        String html = start("en", "ltr") + "<title>" + NOTHING + "</title><link rel=\"icon\" href=\"data:,\"><style>"
                + PLAIN + "</style></head><body><main>" + heading(NOTHING) + "</main></body></html>";
        return new AddressPage(html, policy(List.of(PLAIN)));
    }

    /**
     * The page at the reel's address, which other machines can read too.
     *
     * @param slug names the reel in its address
     */
    public static AddressPage of(Fragment fragment, String slug, Material material) {
        About about = About.of(material);
        String address = Base.ABSOLUTE + "/r/" + slug;
        StringBuilder head = new StringBuilder();
        head.append(link("canonical", "", address)).append(meta("property", "og:title", about.name()));
        head.append(meta("property", "og:type", "website")).append(meta("property", "og:url", address));
        if (!about.description().isEmpty()) {
            head.append(meta("name", "description", about.description()))
                    .append(meta("property", "og:description", about.description()));
        }
        if (!about.preview().isEmpty()) {
            head.append(meta("property", "og:image", Base.put(about.preview(), Base.ABSOLUTE)));
        }
        head.append(link(
                "alternate",
                " type=\"application/json+oembed\" title=\"" + Entities.escape(about.name()) + "\"",
                Base.ABSOLUTE + "/oembed?url=" + address));
        return page(fragment, about, "/r/" + slug, "/reel.js", head + pictureSoon(fragment, material), "");
    }

    /** The draft page that a wall's frame shows: the same, with the clock port at that address. */
    public static AddressPage draft(Fragment fragment, String slug, Material material, String port) {
        String script = "<script src=\"" + port + "\" defer></script>";
        return page(fragment, About.of(material), "/r/" + slug, "/reel.js", typeSoon(fragment), script);
    }

    /**
     * The page in a folder, which holds what is shown from later days on too, beside the files it shows; the fragment's addresses are relative to it. The type stands in a
     * style sheet of its own at the end, where it holds up nothing but the player.
     */
    static AddressPage folder(Fragment fragment, Material material, List<String> later) {
        About about = About.of(material);
        String description = about.description().isEmpty() ? "" : meta("name", "description", about.description());
        String type = "<link rel=\"stylesheet\" href=\"type.css\">"
                + (later.isEmpty()
                        ? ""
                        : "<script type=\"application/json\" id=\"days\">"
                                + inScript("[" + String.join(",", later) + "]")
                                + "</script><script src=\"days.js\" defer></script>");
        return page(fragment, about, "", "reel.js", description + pictureSoon(fragment, material), type);
    }

    /** The declaration of those faces. */
    static String faces(List<Fragment.Face> faces) {
        StringBuilder css = new StringBuilder();
        for (Fragment.Face face : faces) {
            css.append("@font-face{font-family:\"")
                    .append(face.family())
                    .append("\";font-weight:")
                    .append(face.weight())
                    .append(";font-display:fallback;src:url(")
                    .append(face.address())
                    .append(")}");
        }
        return css.toString();
    }

    private static AddressPage page(
            Fragment fragment, About about, String source, String shell, String head, String more) {
        boolean alone = source.isEmpty();
        String style = PLAIN + (alone ? "" : faces(fragment.type()));
        String src = alone ? "" : " src=\"" + source + "\" data-reel-id=\"" + source.substring(3) + "\"";
        String inside = fragment.player().isEmpty()
                ? ""
                : "<template shadowrootmode=\"open\"><style>" + fragment.css() + "</style>" + fragment.html()
                        + "<script type=\"application/json\">" + inScript(fragment.startJson())
                        + "</script></template>";
        String html = start(about.language(), about.direction())
                + "<title>" + Entities.escape(about.name()) + "</title><link rel=\"icon\" href=\"data:,\">" + head
                + "<script type=\"application/ld+json\">"
                + inScript(Base.put(about.data(), alone ? "" : Base.ABSOLUTE)) + "</script>"
                + "<style>" + style + "</style></head><body><main>" + heading(about.name()) + "<keen-reel" + src + ">"
                + inside + "</keen-reel></main>"
                + more + "<script src=\"" + shell + "\" defer></script></body></html>";
        return new AddressPage(Base.put(html, ""), policy(List.of(style, fragment.css())));
    }

    private static String heading(String name) {
        return "<h1>" + Entities.escape(name) + "</h1>";
    }

    private static String start(String language, String direction) {
        return "<!doctype html><html lang=\"" + language + "\" dir=\"" + direction + "\"><head><meta charset=\"utf-8\">"
                + "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">";
    }

    /** Asks for the first picture before the rest of the page is read. */
    private static String pictureSoon(Fragment fragment, Material material) {
        if (fragment.player().isEmpty() || material.first().isShapes()) {
            return "";
        }
        return "<link rel=\"preload\" as=\"image\" fetchpriority=\"high\" imagesrcset=\""
                + material.first().srcset() + "\" imagesizes=\"" + Sizes.ofFirst(material) + "\">";
    }

    /** Asks for the type before the rest of the page is read. */
    private static String typeSoon(Fragment fragment) {
        StringBuilder links = new StringBuilder();
        for (Fragment.Face face : fragment.type()) {
            links.append(link("preload", " as=\"font\" type=\"font/woff2\" crossorigin", face.address()));
        }
        return links.toString();
    }

    private static String link(String rel, String more, String address) {
        return "<link rel=\"" + rel + "\"" + more + " href=\"" + address + "\">";
    }

    private static String meta(String by, String key, String value) {
        return "<meta " + by + "=\"" + key + "\" content=\"" + Entities.escape(value) + "\">";
    }

    /** What JSON may stand inside a script element: nothing in it ends the element. */
    private static String inScript(String json) {
        return json.replace("<", "\\u003c");
    }

    private static String policy(List<String> styles) {
        StringBuilder policy = new StringBuilder(
                "default-src 'none'; script-src 'self'; connect-src 'self'; img-src 'self' data:; media-src 'self'; font-src 'self'; "
                        + "base-uri 'none'; form-action 'none'; style-src");
        styles.forEach(style -> policy.append(" 'sha256-").append(hash(style)).append("'"));
        return policy.toString();
    }

    private static String hash(String text) {
        try {
            return Base64.getEncoder()
                    .encodeToString(MessageDigest.getInstance("SHA-256")
                            .digest(Base.put(text, "").getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
