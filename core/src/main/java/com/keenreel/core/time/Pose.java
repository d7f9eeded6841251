package com.keenreel.core.time;

import com.keenreel.core.option.Numbers;

/**
 * How something stands at one moment of a transition. It may be seen through a window as large as itself, which moves while
 * what is seen through it stays where it is.
 *
 * @param moved how far; the strip moves in steps
 * @param opacity 0 to 1
 * @param window how far its window has moved
 * @param turn how far it is turned once it has been moved, degrees clockwise
 * @param pivot around which point it is turned, from its middle
 * @param scale how many times as large it is, about its middle
 */
public record Pose(Shift moved, double opacity, Shift window, double turn, Shift pivot, double scale) {
    /** In its place, fully visible. */
    public static final Pose STANDING = new Pose(0, 0, 1);

    /** In its place, and nothing of it is seen. */
    static final Pose INVISIBLE = new Pose(0, 0, 0);

    /** Seen as a whole. */
    public Pose(double x, double y, double opacity) {
        this(new Shift(x, y), opacity, Shift.NONE, 0, Shift.NONE, 1);
    }

    /** In its place, seen through a window that has moved so far. */
    static Pose through(double x, double y) {
        return new Pose(Shift.NONE, 1, new Shift(x, y), 0, Shift.NONE, 1);
    }

    /** The same, turned around its own middle. */
    public Pose turned(double degrees) {
        return turned(degrees, Shift.NONE);
    }

    /** The same, turned around that point. */
    Pose turned(double degrees, Shift around) {
        return new Pose(moved, opacity, window, degrees, around, scale);
    }

    /** The same, so many times as large. */
    Pose scaled(double times) {
        return new Pose(moved, opacity, window, turn, pivot, times);
    }

    /** Whether some of it is outside its window. */
    public boolean isSeenThroughWindow() {
        return !window.equals(Shift.NONE);
    }

    /**
     * What moves it, as CSS writes it. Between two of them browsers change each number in proportion, as {@link #between}
     * does.
     */
    public String transform() {
        return "translate(" + percent(moved.x() + window.x() + pivot.x()) + ","
                + percent(moved.y() + window.y() + pivot.y()) + ") rotate(" + Numbers.plain(turn) + "deg) translate("
                + percent(-pivot.x()) + "," + percent(-pivot.y()) + ") scale(" + Numbers.plain(scale) + ")";
    }

    private static String percent(double share) {
        return Numbers.plain(share * 100) + "%";
    }

    /** Between two poses that are turned around the same point; 0 is {@code from}, 1 is {@code to}. */
    static Pose between(Pose from, Pose to, double progress) {
        return new Pose(
                Shift.between(from.moved, to.moved, progress),
                from.opacity + (to.opacity - from.opacity) * progress,
                Shift.between(from.window, to.window, progress),
                from.turn + (to.turn - from.turn) * progress,
                Shift.between(from.pivot, to.pivot, progress),
                from.scale + (to.scale - from.scale) * progress);
    }
}
