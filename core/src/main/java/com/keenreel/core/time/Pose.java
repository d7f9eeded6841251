package com.keenreel.core.time;

/**
 * How something stands at one moment of a transition. It may be seen through a window as large as itself, which moves while
 * what is seen through it stays where it is.
 *
 * @param x offset to the right: in its own width for a slide, in steps for the strip
 * @param y offset down, in its own height
 * @param opacity 0 to 1
 * @param windowX how far its window has moved to the right, in its own width
 * @param windowY how far its window has moved down, in its own height
 * @param turn how far it is turned around its middle once it has been moved, degrees clockwise
 */
public record Pose(double x, double y, double opacity, double windowX, double windowY, double turn) {
    /** In its place, fully visible. */
    public static final Pose STANDING = new Pose(0, 0, 1);

    /** Seen as a whole. */
    public Pose(double x, double y, double opacity) {
        this(x, y, opacity, 0, 0, 0);
    }

    /** In its place, seen through a window that has moved so far. */
    static Pose through(double windowX, double windowY) {
        return new Pose(0, 0, 1, windowX, windowY, 0);
    }

    /** Moved, and turned around its own middle. */
    public static Pose turned(double x, double y, double turn) {
        return new Pose(x, y, 1, 0, 0, turn);
    }

    /** Whether some of it is outside its window. */
    public boolean isSeenThroughWindow() {
        return windowX != 0 || windowY != 0;
    }

    /** Between two poses; 0 is {@code from}, 1 is {@code to}. */
    static Pose between(Pose from, Pose to, double progress) {
        return new Pose(
                from.x + (to.x - from.x) * progress,
                from.y + (to.y - from.y) * progress,
                from.opacity + (to.opacity - from.opacity) * progress,
                from.windowX + (to.windowX - from.windowX) * progress,
                from.windowY + (to.windowY - from.windowY) * progress,
                from.turn + (to.turn - from.turn) * progress);
    }
}
