package com.keenreel.app.access;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How this Keen Reel was started.
 *
 * @param data the folder that everything is kept in
 * @param port where the application listens, on the loopback address
 * @param sitePort where the practice site listens, on the loopback address
 * @param publicPort where published addresses alone are answered, on the loopback address; 0 for nowhere
 * @param publicAddress the address by which visitors reach published reels; empty when it was not said
 */
@ConfigurationProperties("keen-reel")
public record Settings(Path data, int port, int sitePort, int publicPort, String publicAddress) {
    /** The application's own origin. */
    public String origin() {
        return "http://localhost:" + port;
    }

    /** The practice site's origin, which is another site. */
    public String siteOrigin() {
        return "http://127.0.0.1:" + sitePort;
    }
}
