package com.keenreel.imaging.align;

import com.keenreel.core.align.Freedom;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A transform that fits most of the matches, and how far these scatter about it.
 *
 * @param scatter px, one standard deviation of a coordinate
 */
record Robust(Fitted fitted, double scatter) {
    private static final int ROUNDS = 12;

    /** Squares that are found exactly would else leave none of the others. */
    private static final double LEAST_SCATTER = 0.05;

    /** What is off by more standard deviations counts nothing. */
    private static final double CUT = 4.685;

    /** The median distance of points that scatter by 1 both ways. */
    private static final double MEDIAN = 1.1774;

    /** Null where the matches are too few. */
    static @Nullable Robust of(Freedom freedom, List<Match> matches, Plane start) {
        Plane plane = start;
        Fitted fitted = null;
        double scatter = 0;
        double[] weights = new double[matches.size()];
        for (int round = 0; round < ROUNDS; round++) {
            scatter = scatter(matches, plane);
            for (int i = 0; i < weights.length; i++) {
                double share = plane.off(matches.get(i)) / (CUT * scatter);
                weights[i] = share < 1
                        ? (1 - share * share)
                                * (1 - share * share)
                                * matches.get(i).likeness()
                        : 0;
            }
            fitted = matches.size() < freedom.unknown() ? null : Plane.fit(freedom, matches, weights, plane);
            if (fitted == null) {
                return null;
            }
            plane = fitted.plane();
        }
        return fitted == null ? null : new Robust(fitted, scatter(matches, plane));
    }

    private static double scatter(List<Match> matches, Plane plane) {
        double[] off = matches.stream().mapToDouble(plane::off).sorted().toArray();
        return off.length == 0 ? LEAST_SCATTER : Math.max(LEAST_SCATTER, off[off.length / 2] / MEDIAN);
    }
}
