package com.keenreel.core.option;

import java.util.Locale;

/** A range of reel widths for which the editor may choose differently. */
public enum SetUp {
    PHONE(390),
    TABLET(820),
    DESK(1280);

    private final double usualPage;

    SetUp(double usualPage) {
        this.usualPage = usualPage;
    }

    /** The width of the page that stands for such screens, px. */
    public double usualPage() {
        return usualPage;
    }

    /** "Phone", "Tablet" or "Desk". */
    public String title() {
        return name().charAt(0) + word().substring(1);
    }

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
