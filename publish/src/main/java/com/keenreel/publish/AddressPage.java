package com.keenreel.publish;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.List;
import org.jsoup.nodes.Entities;

/**
 * The page at a reel's own address: the reel alone at the window's width, shown before any script runs.
 *
 * @param html the page
 * @param policy its content security policy, which allows exactly the style sheets that are in it
 */
public record AddressPage(String html, String policy) {
    private static final String PLAIN = "body{margin:0}";

    /** The page of a reel that is taken down or unknown. */
    public static AddressPage nothing() {
        return page("", "", List.of(), List.of(PLAIN), "");
    }

    /**
     * The page of that fragment.
     *
     * @param slug names the reel in its address
     * @param name the page's title
     */
    public static AddressPage of(Fragment fragment, String slug, String name) {
        return of(fragment, slug, name, "");
    }

    /** The draft page that a wall's frame shows: the same, with the clock port at that address. */
    public static AddressPage draft(Fragment fragment, String slug, String name, String port) {
        return of(fragment, slug, name, "<script src=\"" + port + "\" defer></script>");
    }

    private static AddressPage of(Fragment fragment, String slug, String name, String more) {
        StringBuilder faces = new StringBuilder(PLAIN);
        for (Fragment.Face face : fragment.type()) {
            faces.append("@font-face{font-family:\"")
                    .append(face.family())
                    .append("\";font-weight:")
                    .append(face.weight())
                    .append(";font-display:fallback;src:url(")
                    .append(face.address())
                    .append(")}");
        }
        String body = fragment.player().isEmpty()
                ? "<keen-reel data-reel-id=\"" + Entities.escape(slug) + "\" src=\"/r/" + slug + "\"></keen-reel>"
                : "<keen-reel data-reel-id=\"" + Entities.escape(slug) + "\" src=\"/r/" + slug
                        + "\"><template shadowrootmode=\"open\"><style>" + fragment.css() + "</style>" + fragment.html()
                        + "<script type=\"application/json\">"
                        + fragment.startJson().replace("</", "<\\/")
                        + "</script></template></keen-reel>";
        return page(
                name,
                body + "<script src=\"/reel.js\" defer></script>" + more,
                fragment.type(),
                List.of(faces.toString(), fragment.css()),
                fragment.player());
    }

    private static AddressPage page(
            String name, String body, List<Fragment.Face> faces, List<String> styles, String player) {
        StringBuilder head = new StringBuilder();
        for (Fragment.Face face : faces) {
            head.append("<link rel=\"preload\" as=\"font\" type=\"font/woff2\" crossorigin href=\"")
                    .append(face.address())
                    .append("\">");
        }
        String html = "<!doctype html><html lang=\"en\"><head><meta charset=\"utf-8\">"
                + "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">"
                + "<title>" + Entities.escape(name) + "</title>"
                + "<link rel=\"icon\" href=\"data:,\">"
                + head + "<style>" + styles.get(0) + "</style></head><body>" + body + "</body></html>";
        StringBuilder policy = new StringBuilder(
                "default-src 'none'; script-src 'self'; connect-src 'self'; img-src 'self' data:; font-src 'self'; "
                        + "base-uri 'none'; form-action 'none'; style-src");
        styles.forEach(style -> policy.append(" 'sha256-").append(hash(style)).append("'"));
        return new AddressPage(Base.put(html, ""), policy.toString());
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
