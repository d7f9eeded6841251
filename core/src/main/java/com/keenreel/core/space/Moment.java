package com.keenreel.core.space;

import org.jspecify.annotations.Nullable;

/**
 * When a reel is looked at.
 *
 * @param view height of the window, px
 * @param time since what moves by itself began to, ms, 0 or more
 * @param scrolled how far the upper edge of the window is below that of the reel's host, px, below 0 while it is above it; null
 *     where the page has not been scrolled and what goes by its scrolling has not begun
 */
public record Moment(double view, double time, @Nullable Double scrolled) {
    public Moment {
        if (!(view >= 0) || Double.isInfinite(view)) {
            throw new IllegalArgumentException("A height is a number of px, 0 or more.");
        }
        if (!(time >= 0) || Double.isInfinite(time)) {
            throw new IllegalArgumentException("A time is a number of ms, 0 or more.");
        }
        if (scrolled != null && !Double.isFinite(scrolled)) {
            throw new IllegalArgumentException("How far a page is scrolled is a number of px.");
        }
    }

    /** The first one: nothing has moved yet. */
    public static Moment first(double view) {
        return new Moment(view, 0, null);
    }
}
