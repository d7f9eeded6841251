package com.keenreel.core.time;

/**
 * How something stands at one moment of a transition.
 *
 * @param x offset to the right: in its own width for a slide, in steps for the strip
 * @param y offset down, in its own height
 * @param opacity 0 to 1
 */
public record Pose(double x, double y, double opacity) {
    /** In its place, fully visible. */
    public static final Pose STANDING = new Pose(0, 0, 1);

    /** Between two poses; 0 is {@code from}, 1 is {@code to}. */
    static Pose between(Pose from, Pose to, double progress) {
        return new Pose(
                from.x + (to.x - from.x) * progress,
                from.y + (to.y - from.y) * progress,
                from.opacity + (to.opacity - from.opacity) * progress);
    }
}
