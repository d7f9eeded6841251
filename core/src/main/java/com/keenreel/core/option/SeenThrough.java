package com.keenreel.core.option;

import java.util.OptionalDouble;

/**
 * How well something is told from a ground that is seen through: the ground is blended over what is behind it in gamma space, as
 * browsers do, and the contrast is that of WCAG 2.2.
 *
 * @param ink what is to be told from it
 * @param ground its colour
 */
public record SeenThrough(Colour ink, Colour ground) {
    /** What controls need: WCAG 2.2, success criterion 1.4.11. */
    public static final double CONTROLS = 3;

    private static final int STEPS = 100;

    /**
     * The least contrast over everything between two colours, channel by channel, that may be behind the ground.
     *
     * @param darkest no channel of what is behind is below its
     * @param lightest nor above its
     * @param density of the ground, 0 (not seen) to 1
     * @return 1 to 21
     */
    public double between(Colour darkest, Colour lightest, double density) {
        Colour low = ground.over(darkest, density);
        Colour high = ground.over(lightest, density);
        double own = ink.luminance();
        if (low.luminance() <= own && own <= high.luminance()) {
            return 1; // somewhere it is as light as the ink
        }
        return Math.min(ink.contrast(low), ink.contrast(high));
    }

    /**
     * The least density, to .01, from which the contrast on everything between two colours is that good; empty where it never
     * is.
     */
    public OptionalDouble density(Colour darkest, Colour lightest, double needed) {
        OptionalDouble least = OptionalDouble.empty();
        for (int step = STEPS; step >= 0; step--) {
            double density = (double) step / STEPS;
            if (between(darkest, lightest, density) < needed) {
                break;
            }
            least = OptionalDouble.of(density);
        }
        return least;
    }
}
