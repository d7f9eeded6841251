package com.keenreel.imaging.align;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A projective transform of px from the middle of one picture to px from the middle of another, as its eight numbers; divided
 * by a length, so that all of them are of one size.
 */
record Plane(double[] numbers, double unit) {
    /** Moving, turning and sizing alone, or all that another angle of the camera does. */
    enum Kind {
        ALIKE(4),
        PROJECTIVE(8);

        final int unknown;

        Kind(int unknown) {
            this.unknown = unknown;
        }
    }

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

    double off(Match match) {
        return Math.hypot(x(match.x(), match.y()) - match.toX(), y(match.x(), match.y()) - match.toY());
    }

    /**
     * What the unknown numbers are multiplied by in the two equations of a point that leads to another, in units; the last number
     * of each is what they ought to come to.
     *
     * @param divisor by how much the point is divided at present, so that equations count units
     */
    static double[][] rows(Kind kind, double x, double y, double toX, double toY, double divisor) {
        double[][] rows = switch (kind) {
            case ALIKE -> new double[][] {{x, -y, 1, 0, toX}, {y, x, 0, 1, toY}};
            case PROJECTIVE ->
                new double[][] {{x, y, 1, 0, 0, 0, -x * toX, -y * toX, toX}, {0, 0, 0, x, y, 1, -x * toY, -y * toY, toY}
                };
        };
        for (double[] row : rows) {
            for (int i = 0; i < row.length; i++) {
                row[i] /= divisor;
            }
        }
        return rows;
    }

    /**
     * What fits matches best, by weighted least squares.
     *
     * @param before what fitted them before; its divisors are used
     * @return null where they do not say
     */
    static @Nullable Fitted fit(Kind kind, List<Match> matches, double[] weights, Plane before) {
        int n = kind.unknown;
        double[][] normal = new double[n][n + 1];
        for (int i = 0; i < matches.size(); i++) {
            Match match = matches.get(i);
            double divisor =
                    1 + before.numbers[6] * match.x() / before.unit + before.numbers[7] * match.y() / before.unit;
            double unit = before.unit;
            for (double[] row :
                    rows(kind, match.x() / unit, match.y() / unit, match.toX() / unit, match.toY() / unit, divisor)) {
                for (int j = 0; j < n; j++) {
                    for (int k = 0; k <= n; k++) {
                        normal[j][k] += weights[i] * row[j] * row[k];
                    }
                }
            }
        }
        return Fitted.of(kind, normal, before.unit);
    }
}
