package com.keenreel.imaging.align;

import com.keenreel.core.align.Freedom;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A projective transform of px from the middle of one picture to px from the middle of another, as its eight numbers; divided
 * by a length, so that all of them are of one size.
 */
record Plane(double[] numbers, double unit) {
    static Plane similar(double cos, double sin, double x, double y, double unit) {
        return new Plane(new double[] {cos, -sin, x / unit, sin, cos, y / unit, 0, 0}, unit);
    }

    double x(double x, double y) {
        double[] n = numbers;
        return unit * (n[0] * x / unit + n[1] * y / unit + n[2]) / (n[6] * x / unit + n[7] * y / unit + 1);
    }

    double y(double x, double y) {
        double[] n = numbers;
        return unit * (n[3] * x / unit + n[4] * y / unit + n[5]) / (n[6] * x / unit + n[7] * y / unit + 1);
    }

    /** The same for pictures so many times as large. */
    Plane times(double larger) {
        return new Plane(numbers, unit * larger);
    }

    /** How far a match is from where it leads, px. */
    double off(Match match) {
        return Math.sqrt(squaredOff(match));
    }

    double squaredOff(Match match) {
        double[] n = numbers;
        double x = match.x() / unit;
        double y = match.y() / unit;
        double scale = unit / (n[6] * x + n[7] * y + 1);
        double across = scale * (n[0] * x + n[1] * y + n[2]) - match.toX();
        double down = scale * (n[3] * x + n[4] * y + n[5]) - match.toY();
        return across * across + down * down;
    }

    /**
     * The equations of a point that leads to another, in units.
     *
     * @param divisor by how much the point is divided at present, so that equations count units
     */
    static double[][] equations(Freedom freedom, double x, double y, double toX, double toY, double divisor) {
        double[][] equations = freedom.equations(x, y, toX, toY);
        for (double[] row : equations) {
            for (int i = 0; i < row.length; i++) {
                row[i] /= divisor;
            }
        }
        return equations;
    }

    /**
     * What fits matches best, by weighted least squares.
     *
     * @param before what fitted them before; its divisors are used
     * @return null where they do not say
     */
    static @Nullable Fitted fit(Freedom freedom, List<Match> matches, double[] weights, Plane before) {
        int n = freedom.unknown();
        double[][] normal = new double[n][n + 1];
        for (int i = 0; i < matches.size(); i++) {
            Match match = matches.get(i);
            double divisor =
                    1 + before.numbers[6] * match.x() / before.unit + before.numbers[7] * match.y() / before.unit;
            double unit = before.unit;
            for (double[] row : equations(
                    freedom, match.x() / unit, match.y() / unit, match.toX() / unit, match.toY() / unit, divisor)) {
                for (int j = 0; j < n; j++) {
                    for (int k = 0; k <= n; k++) {
                        normal[j][k] += weights[i] * row[j] * row[k];
                    }
                }
            }
        }
        return Fitted.of(freedom, normal, before.unit);
    }
}
