package com.keenreel.publish;

import java.nio.charset.StandardCharsets;

/** Tells whether what would be published now is what is live. */
public final class Fingerprint {
    private Fingerprint() {}

    /**
     * Of a fragment: equal exactly when visitors would meet the same.
     *
     * @param days which of its slides they meet when; empty for all of them on every day
     */
    public static String of(Fragment fragment, String days) {
        String everything =
                String.join("\0", fragment.html(), fragment.css(), fragment.plan(), fragment.player(), fragment.data())
                        + days;
        return PlayerFiles.sha256(everything.getBytes(StandardCharsets.UTF_8));
    }
}
