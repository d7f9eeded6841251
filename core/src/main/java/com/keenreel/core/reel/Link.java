package com.keenreel.core.reel;

import java.net.URI;
import java.util.Locale;
import java.util.Set;

/** What counts as a proper address for a link. */
final class Link {
    private static final Set<String> SCHEMES = Set.of("http", "https", "mailto", "tel");

    private Link() {}

    /** Refuses what a page must never carry (script addresses among them) and what no browser could follow. */
    static void check(String link) {
        if (link.isEmpty()) {
            return;
        }
        if (link.length() > 2000) {
            throw new IllegalArgumentException("The address has " + link.length() + " characters; 2000 fit.");
        }
        URI address;
        try {
            address = URI.create(link);
        } catch (IllegalArgumentException malformed) {
            throw new IllegalArgumentException("\"" + link + "\" is not a proper address.", malformed);
        }
        String scheme = address.getScheme();
        if (scheme != null && !SCHEMES.contains(scheme.toLowerCase(Locale.ROOT))) {
            throw new IllegalArgumentException(
                    "A link starts with https://, http://, mailto:, tel: or a path of the site, not " + scheme + ":.");
        }
    }
}
