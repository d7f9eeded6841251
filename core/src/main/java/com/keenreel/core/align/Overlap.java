package com.keenreel.core.align;

import java.util.ArrayList;
import java.util.List;

/**
 * What two pictures of one thing both show, as a convex part of the one: fractions of its width and height.
 *
 * <p>A point is in it when it is in the one, and where the warp leads to is in the other. As the divisor of the warp is
 * positive, each of these conditions is a line that it is on one side of.
 */
public final class Overlap {
    /** What may be off by rounding, as a fraction of a picture. */
    private static final double SLACK = 1e-9;

    /** How much smaller a rectangle may be for its middle to be where it ought to. */
    private static final double GIVEN = 0.1;

    /** How far off that is still as good as there. */
    private static final double NEAR = 0.005;

    private final List<Edge> edges;

    /** Points on its inner side have a x + b y at least {@code least}. */
    private record Edge(double a, double b, double least) {
        double over(double x, double y) {
            return a * x + b * y - least;
        }

        /** The same for the middles of rectangles that are so wide and high. */
        Edge within(double width, double height) {
            return new Edge(a, b, least + (Math.abs(a) * width + Math.abs(b) * height) / 2);
        }
    }

    /** A rectangle, in fractions of the one picture. */
    public record Common(double left, double top, double width, double height) {}

    private Overlap(List<Edge> edges) {
        this.edges = edges;
    }

    /** What is seen in both, where each point of the one is in the other as the warp says. */
    public static Overlap of(Warp warp) {
        List<Edge> edges = new ArrayList<>();
        edges.add(new Edge(1, 0, 0));
        edges.add(new Edge(-1, 0, -1));
        edges.add(new Edge(0, 1, 0));
        edges.add(new Edge(0, -1, -1));
        edges.add(new Edge(warp.a(), warp.b(), -warp.c()));
        edges.add(new Edge(warp.g() - warp.a(), warp.h() - warp.b(), warp.c() - 1));
        edges.add(new Edge(warp.d(), warp.e(), -warp.f()));
        edges.add(new Edge(warp.g() - warp.d(), warp.h() - warp.e(), warp.f() - 1));
        return new Overlap(edges);
    }

    /**
     * The largest rectangle in it that is so many times as wide as high; where it can lie in several places, as near as it can to
     * having that point in its middle.
     *
     * @param shape width to height, each as a fraction of the picture's own
     * @return one without size where the pictures show nothing in common
     */
    public Common largest(double shape, double x, double y) {
        return at(shape, most(shape), x, y);
    }

    /**
     * One of that shape around a point: the largest whose middle can be where it would be in the one picture alone, but at most a
     * tenth smaller than the largest of all, and then as near as it can.
     *
     * @param shape width to height, each as a fraction of the picture's own
     */
    public Common around(double shape, double x, double y) {
        double far = most(shape);
        if (off(shape, far, x, y) <= NEAR) {
            return at(shape, far, x, y);
        }
        double near = (1 - GIVEN) * far;
        if (off(shape, near, x, y) > NEAR) {
            return at(shape, near, x, y);
        }
        while (far - near > SLACK) {
            double middle = (near + far) / 2;
            if (off(shape, middle, x, y) > NEAR) {
                far = middle;
            } else {
                near = middle;
            }
        }
        return at(shape, near, x, y);
    }

    /** How far the middle is from where it would be in the one picture alone, as a fraction. */
    private double off(double shape, double times, double x, double y) {
        Common common = at(shape, times, x, y);
        return Math.hypot(
                common.left() + common.width() / 2 - inside(x, common.width()),
                common.top() + common.height() / 2 - inside(y, common.height()));
    }

    private static double inside(double middle, double length) {
        return Math.min(1 - length / 2, Math.max(length / 2, middle));
    }

    /** The one of that size whose middle is nearest to a point. */
    private Common at(double shape, double times, double x, double y) {
        double width = Math.min(1, shape) * times;
        double height = Math.min(1, 1 / shape) * times;
        List<Edge> middles =
                edges.stream().map(edge -> edge.within(width, height)).toList();
        double[] middle = nearest(middles, x, y);
        return new Common(middle[0] - width / 2, middle[1] - height / 2, width, height);
    }

    private double most(double shape) {
        return Math.max(0, most(Math.min(1, shape), Math.min(1, 1 / shape)) - SLACK);
    }

    /**
     * How many times as large such a rectangle can be: a linear programme in its middle and that number, whose best is at a
     * corner, where three of the conditions just hold.
     */
    private double most(double width, double height) {
        double most = 0;
        int count = edges.size();
        for (int i = 0; i < count; i++) {
            for (int j = i + 1; j < count; j++) {
                for (int k = j + 1; k < count; k++) {
                    double[] corner = corner(edges.get(i), edges.get(j), edges.get(k), width, height);
                    if (corner.length > 0 && corner[2] > most && holds(corner, width, height)) {
                        most = corner[2];
                    }
                }
            }
        }
        return most;
    }

    private boolean holds(double[] corner, double width, double height) {
        return edges.stream()
                .allMatch(edge ->
                        edge.within(width * corner[2], height * corner[2]).over(corner[0], corner[1]) > -SLACK);
    }

    /** The middle and the size at which three edges are just touched; empty where there is none. */
    private static double[] corner(Edge one, Edge two, Edge three, double width, double height) {
        double[] reach = new double[3];
        Edge[] all = {one, two, three};
        for (int i = 0; i < 3; i++) {
            reach[i] = -(Math.abs(all[i].a) * width + Math.abs(all[i].b) * height) / 2;
        }
        double whole = determinant(one.a, one.b, reach[0], two.a, two.b, reach[1], three.a, three.b, reach[2]);
        if (Math.abs(whole) < 1e-12) {
            return new double[0];
        }
        return new double[] {
            determinant(one.least, one.b, reach[0], two.least, two.b, reach[1], three.least, three.b, reach[2]) / whole,
            determinant(one.a, one.least, reach[0], two.a, two.least, reach[1], three.a, three.least, reach[2]) / whole,
            determinant(one.a, one.b, one.least, two.a, two.b, two.least, three.a, three.b, three.least) / whole
        };
    }

    private static double determinant(
            double a, double b, double c, double d, double e, double f, double g, double h, double i) {
        return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
    }

    /** The point nearest to that one on the inner side of all of them: itself, or on one of them, or where two meet. */
    private static double[] nearest(List<Edge> edges, double x, double y) {
        double[] best = {x, y};
        double least = inside(edges, x, y) ? 0 : Double.POSITIVE_INFINITY;
        for (int i = 0; i < edges.size() && least > 0; i++) {
            Edge one = edges.get(i);
            double over = one.over(x, y) / (one.a * one.a + one.b * one.b);
            double[][] tried = new double[edges.size()][];
            tried[i] = new double[] {x - one.a * over, y - one.b * over};
            for (int j = 0; j < edges.size(); j++) {
                Edge two = edges.get(j);
                double cross = one.a * two.b - one.b * two.a;
                if (j != i && Math.abs(cross) > 1e-12) {
                    tried[j] = new double[] {
                        (one.least * two.b - one.b * two.least) / cross, (one.a * two.least - one.least * two.a) / cross
                    };
                }
            }
            for (double[] point : tried) {
                if (point != null && inside(edges, point[0], point[1])) {
                    double away = Math.hypot(point[0] - x, point[1] - y);
                    if (away < least) {
                        least = away;
                        best = point;
                    }
                }
            }
        }
        return best;
    }

    private static boolean inside(List<Edge> edges, double x, double y) {
        return edges.stream().allMatch(edge -> edge.over(x, y) > -1e-7);
    }
}
