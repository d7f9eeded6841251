package com.keenreel.core.time;

/**
 * How far something is moved, in its own size.
 *
 * @param x to the right, in its width
 * @param y down, in its height
 */
public record Shift(double x, double y) {
    /** In its place. */
    public static final Shift NONE = new Shift(0, 0);

    static Shift between(Shift from, Shift to, double progress) {
        return new Shift(from.x + (to.x - from.x) * progress, from.y + (to.y - from.y) * progress);
    }
}
