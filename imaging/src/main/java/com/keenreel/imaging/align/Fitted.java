package com.keenreel.imaging.align;

import com.keenreel.core.align.Equations;
import com.keenreel.core.align.Freedom;
import org.jspecify.annotations.Nullable;

/**
 * A transform that fits matches, with how well they say it.
 *
 * @param inverse of its normal equations
 */
record Fitted(Plane plane, Freedom freedom, double[][] inverse) {
    /** Solves the equations; null where they are not enough. */
    static @Nullable Fitted of(Freedom freedom, double[][] normal, double unit) {
        int n = freedom.unknown();
        double[][] rows = new double[n][2 * n + 1];
        for (int i = 0; i < n; i++) {
            System.arraycopy(normal[i], 0, rows[i], 0, n + 1);
            rows[i][n + 1 + i] = 1;
        }
        if (!Equations.solve(rows)) {
            return null;
        }
        double[][] inverse = new double[n][n];
        double[] s = new double[n];
        for (int i = 0; i < n; i++) {
            s[i] = rows[i][n];
            System.arraycopy(rows[i], n + 1, inverse[i], 0, n);
        }
        return new Fitted(new Plane(freedom.numbers(s), unit), freedom, inverse);
    }

    /**
     * How far a point is likely to be off where it leads to, px: one standard deviation.
     *
     * @param scatter how far a match is off, px
     */
    double likelyOff(double x, double y, double scatter) {
        double unit = plane.unit();
        double[][] rows = Plane.equations(freedom, x / unit, y / unit, plane.x(x, y) / unit, plane.y(x, y) / unit, 1);
        double variance = 0;
        for (double[] row : rows) {
            for (int i = 0; i < freedom.unknown(); i++) {
                for (int j = 0; j < freedom.unknown(); j++) {
                    variance += row[i] * inverse[i][j] * row[j];
                }
            }
        }
        return scatter * Math.sqrt(Math.max(0, variance));
    }
}
