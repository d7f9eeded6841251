package com.keenreel.publish;

import java.nio.charset.StandardCharsets;

/** Tells whether what would be published now is what is live. */
public final class Fingerprint {
    private Fingerprint() {}

    /** Of a fragment: equal exactly when visitors would meet the same. */
    public static String of(Fragment fragment) {
        String everything = fragment.html() + '\0' + fragment.css() + '\0' + fragment.plan() + '\0' + fragment.player();
        return PlayerFiles.sha256(everything.getBytes(StandardCharsets.UTF_8));
    }
}
