package com.keenreel.core.time;

import com.keenreel.core.option.DriftKind;
import com.keenreel.core.reel.FocalPoint;

/**
 * How a picture moves from when its slide begins to come until it is gone. It is scaled about its focal point, so that it
 * covers all of its place at every moment.
 *
 * @param from how many times as large it is at first
 * @param to how many times as large it is at last
 * @param pans whether its focal point comes into its place only at last
 */
public record Drift(double from, double to, boolean pans) {
    private static final double NEAR = 1.14;

    /** That of a kind. */
    public static Drift of(DriftKind kind) {
        return switch (kind) {
            case STANDS -> new Drift(1, 1, false);
            case CLOSER -> new Drift(1, NEAR, false);
            case AWAY -> new Drift(NEAR, 1, false);
            case TOWARD -> new Drift(NEAR, NEAR, true);
        };
    }

    /** Whether it does. */
    public boolean moves() {
        return from != to || pans;
    }

    /**
     * How far a picture that pans is moved at first, in its own size: as far as it may be without leaving a part of its place
     * free, on the side on which that is farther. A picture that is s times as large about its focal point (x, y) reaches
     * (s - 1) x beyond its place on the left, (s - 1) (1 - x) on the right, and so on above and below.
     */
    public Shift pan(FocalPoint focal) {
        return pans ? new Shift(reach(focal.x()), reach(focal.y())) : Shift.NONE;
    }

    private double reach(double focal) {
        return (from - 1) * (focal < 0.5 ? focal - 1 : focal);
    }
}
