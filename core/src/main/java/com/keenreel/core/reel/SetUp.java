package com.keenreel.core.reel;

import java.util.Locale;

/** A range of reel widths for which the editor may choose differently. */
public enum SetUp {
    PHONE,
    TABLET,
    DESK;

    /** "phone", "tablet" or "desk". */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The set-up of that word.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static SetUp of(String word) {
        for (SetUp setUp : values()) {
            if (setUp.word().equals(word)) {
                return setUp;
            }
        }
        throw new IllegalArgumentException("A set-up is phone, tablet or desk, not \"" + word + "\".");
    }
}
