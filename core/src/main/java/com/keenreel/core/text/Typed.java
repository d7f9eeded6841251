package com.keenreel.core.text;

import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What people type, or paste without knowing what comes with it. */
public final class Typed {
    /**
     * What nobody sees and nothing should carry on: control characters but line breaks and tabs, halves of surrogate pairs,
     * byte order marks, noncharacters, and what turns the direction of all that follows (UAX #9, sections 2.1 to 2.5).
     */
    private static final Pattern UNWANTED =
            Pattern.compile("[\\p{Cc}\\p{Cs}\\u202A-\\u202E\\u2066-\\u2069\\uFEFF\\uFFFE\\uFFFF&&[^\\t\\n\\r]]");

    private Typed() {}

    /** The text without what nobody sees in it; marks that join letters or say the direction of one place stay. */
    public static String cleaned(String text) {
        return UNWANTED.matcher(text).replaceAll("");
    }

    /** The same of a text that may not be said at all. */
    public static @Nullable String cleanedOrNull(@Nullable String text) {
        return text == null ? null : cleaned(text);
    }
}
