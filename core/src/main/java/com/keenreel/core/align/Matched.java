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
        List<double[]> rows = new ArrayList<>();
        for (Point point : points) {
            double x = point.x() * ratio; // both as heights
            double y = point.y();
            double toX = point.toX() * otherRatio;
            double toY = point.toY();
            switch (points.size()) {
                case 2 -> {
                    rows.add(new double[] {x, -y, 1, 0, toX});
                    rows.add(new double[] {y, x, 0, 1, toY});
                }
                case 3 -> {
                    rows.add(new double[] {x, y, 1, 0, 0, 0, toX});
                    rows.add(new double[] {0, 0, 0, x, y, 1, toY});
                }
                default -> {
                    rows.add(new double[] {x, y, 1, 0, 0, 0, -x * toX, -y * toX, toX});
                    rows.add(new double[] {0, 0, 0, x, y, 1, -x * toY, -y * toY, toY});
                }
            }
        }
        double[][] equations = rows.toArray(double[][]::new);
        if (!Equations.solve(equations)) {
            throw new IllegalArgumentException(UNDECIDED);
        }
        int n = equations.length;
        double[] s = new double[8];
        for (int i = 0; i < n; i++) {
            s[i] = equations[i][n];
        }
        double[] all = n == 4 ? new double[] {s[0], -s[1], s[2], s[1], s[0], s[3], 0, 0} : s;
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
}
