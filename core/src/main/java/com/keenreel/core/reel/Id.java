package com.keenreel.core.reel;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What ids are made of. */
final class Id {
    private static final Pattern FORM = Pattern.compile("[a-z0-9]{1,24}");

    private Id() {}

    /**
     * Refuses what is no id.
     *
     * @param of what it names, such as "A slide"
     * @throws IllegalArgumentException when it is none
     */
    static void check(String of, @Nullable String value) { // scripts can send null for any text
        if (value == null || !FORM.matcher(value).matches()) {
            throw new IllegalArgumentException(of + " id has 1 to 24 of a-z and 0-9, not \"" + value + "\".");
        }
    }
}
