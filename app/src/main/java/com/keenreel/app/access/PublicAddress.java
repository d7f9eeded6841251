package com.keenreel.app.access;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * By which address visitors reach published reels. What was said when Keen Reel was started holds; else what was set; else
 * the loopback address, which only this computer knows.
 */
@Component
public class PublicAddress {
    private static final Set<String> LOOPBACK = Set.of("localhost", "127.0.0.1", "[::1]");

    private final Settings settings;
    private volatile String origin;

    PublicAddress(Settings settings) {
        this.settings = settings;
        this.origin = isFixed() ? check(settings.publicAddress()) : settings.origin();
    }

    /** The origin that snippets carry, such as "https://reels.fennock.example". */
    public String origin() {
        return origin;
    }

    /** True when it was said at the start, and so cannot be set. */
    public boolean isFixed() {
        return !settings.publicAddress().isBlank();
    }

    /** True while only this computer can reach it. */
    public boolean isLoopback() {
        return LOOPBACK.contains(URI.create(origin).getHost());
    }

    /** Uses what was set; empty for none. */
    public void use(String checked) {
        if (!isFixed()) {
            origin = checked.isEmpty() ? settings.origin() : checked;
        }
    }

    /** True for the value of a Host header by which visitors may reach published addresses. */
    boolean isNamedBy(String host) {
        return host.equalsIgnoreCase(URI.create(origin).getAuthority());
    }

    /**
     * Reads an address as people write it.
     *
     * @return its origin
     * @throws IllegalArgumentException with a sentence, when visitors could not reach reels by it
     */
    public static String check(String text) {
        URI address;
        try {
            address = new URI(text.strip());
        } catch (URISyntaxException unreadable) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" is not an address. Write one such as https://reels.fennock.example.", unreadable);
        }
        String scheme = String.valueOf(address.getScheme()).toLowerCase(Locale.ROOT);
        String host = address.getHost();
        if (host == null || !(scheme.equals("https") || scheme.equals("http"))) {
            throw new IllegalArgumentException(
                    "\"" + text + "\" is not an address. Write one such as https://reels.fennock.example.");
        }
        if (scheme.equals("http") && !LOOPBACK.contains(host)) {
            throw new IllegalArgumentException("The public address begins with https://, because pages that are served"
                    + " safely load nothing from http://.");
        }
        String path = String.valueOf(address.getRawPath());
        if (!path.isEmpty() && !path.equals("/")
                || address.getRawQuery() != null
                || address.getRawFragment() != null
                || address.getRawUserInfo() != null) {
            throw new IllegalArgumentException(
                    "The public address ends with its host, such as https://reels.fennock.example, without a path.");
        }
        return scheme + "://" + host.toLowerCase(Locale.ROOT) + (address.getPort() < 0 ? "" : ":" + address.getPort());
    }
}
