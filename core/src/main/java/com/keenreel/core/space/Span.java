package com.keenreel.core.space;

import com.keenreel.core.option.SetUp;

/**
 * A stretch of the reel's own widths, inside one set-up.
 *
 * @param from the least of them, px
 * @param below the first width that is no longer in it, px; infinite for the last one
 */
public record Span(double from, double below, SetUp setUp) {
    public Span {
        if (!(from >= 0 && below > from)) {
            throw new IllegalArgumentException("A stretch of widths starts at 0 px or above and ends above that.");
        }
    }

    /** Whether a reel of that width is in it; fractional widths belong to exactly one of two neighbours. */
    public boolean contains(double width) {
        return from <= width && width < below;
    }

    /** The least width in it for which anything is calculated, px. */
    public double narrowest() {
        return Math.max(Widths.NARROWEST, from);
    }
}
