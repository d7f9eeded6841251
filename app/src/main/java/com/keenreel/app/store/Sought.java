package com.keenreel.app.store;

import java.text.Normalizer;
import java.util.Locale;

/** Texts as they are searched: small letters, no accents. */
final class Sought {
    private Sought() {}

    static String of(String... texts) {
        return Normalizer.normalize(String.join("\n", texts), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }
}
