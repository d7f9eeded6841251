package com.keenreel.core.align;

import java.util.ArrayList;
import java.util.List;

/** How two pictures lie when somebody says which of their points are one. */
public final class Matched {
    private static final String UNDECIDED = "These points do not say how the pictures lie. Set them further apart.";

    /**
     * A point of the thing in both pictures, in fractions of their widths and heights.
     *
     * @param x in the one
     * @param toX in the other
     */
    public record Point(double x, double y, double toX, double toY) {}

    private Matched() {}

    /**
     * The warp that leads each point where it was set: two say move, turn and size, three a slant too, four all that another
     * angle of the camera does.
     *
     * @param ratio width to height of the one
     * @param otherRatio of the other
     * @throws IllegalArgumentException when there are not two to four, or they do not say it
     */
    public static Warp warp(List<Point> points, double ratio, double otherRatio) {
        if (points.size() < 2 || points.size() > 4) {
            throw new IllegalArgumentException("Set two to four points in each picture.");
        }
        Freedom freedom = Freedom.values()[points.size() - 2];
        List<double[]> rows = new ArrayList<>();
        for (Point point : points) { // all as heights
            rows.addAll(
                    List.of(freedom.equations(point.x() * ratio, point.y(), point.toX() * otherRatio, point.toY())));
        }
        double[][] equations = rows.toArray(double[][]::new);
        if (!Equations.solve(equations)) {
            throw new IllegalArgumentException(UNDECIDED);
        }
        double[] all = freedom.numbers(rightSides(equations, freedom.unknown()));
        return new Warp(
                all[0] * ratio / otherRatio,
                all[1] / otherRatio,
                all[2] / otherRatio,
                all[3] * ratio,
                all[4],
                all[5],
                all[6] * ratio,
                all[7]);
    }

    /** The right sides of what is solved. */
    private static double[] rightSides(double[][] solved, int n) {
        double[] right = new double[n];
        for (int i = 0; i < n; i++) {
            right[i] = solved[i][n];
        }
        return right;
    }
}
