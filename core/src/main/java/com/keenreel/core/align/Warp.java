package com.keenreel.core.align;

import java.util.List;

/**
 * Where each point of one picture is in another of the same thing: a projective transform. Points are fractions of the width
 * and the height of their own picture, upright and whole, from its upper left corner; so neither the size in which a picture
 * is kept nor a part that is cut off changes anything.
 *
 * <p>Point (x, y) is at ((a x + b y + c) / w, (d x + e y + f) / w) with w = g x + h y + 1. Source: R. Hartley and
 * A. Zisserman, "Multiple View Geometry in Computer Vision", 2nd edition (2003), section 2.3.
 */
public record Warp(double a, double b, double c, double d, double e, double f, double g, double h) {
    /** Each point where it is. */
    public static final Warp NONE = new Warp(1, 0, 0, 0, 1, 0, 0, 0);

    /** How far corners may be moved, as a fraction of the picture, for two pictures to show one thing at all. */
    private static final double FAR = 3;

    public Warp {
        for (int corner = 0; corner < 4; corner++) {
            double x = corner % 2;
            double y = corner >> 1;
            double w = g * x + h * y + 1;
            double atX = (a * x + b * y + c) / w;
            double atY = (d * x + e * y + f) / w;
            boolean there = w > 0.1 && Math.abs(atX) <= FAR && Math.abs(atY) <= FAR; // not a number is not there
            if (!there) {
                throw new IllegalArgumentException("Two pictures of one thing do not lie like that.");
            }
        }
        double turn = a * (e - f * h) - b * (d - f * g) + c * (d * h - e * g);
        if (!(turn > 1e-3)) {
            throw new IllegalArgumentException("Two pictures of one thing are not each other's mirror image.");
        }
    }

    /**
     * The warp of those eight numbers, a to h.
     *
     * @throws IllegalArgumentException when there are not eight, or two pictures of one thing cannot lie like that
     */
    public static Warp of(List<Double> numbers) {
        if (numbers.size() != 8) {
            throw new IllegalArgumentException("How two pictures lie is said in eight numbers.");
        }
        return new Warp(
                numbers.get(0),
                numbers.get(1),
                numbers.get(2),
                numbers.get(3),
                numbers.get(4),
                numbers.get(5),
                numbers.get(6),
                numbers.get(7));
    }

    /** The eight numbers, a to h. */
    public List<Double> numbers() {
        return List.of(a, b, c, d, e, f, g, h);
    }

    /** Where a point is across, as a fraction of the other picture's width. */
    public double x(double x, double y) {
        return (a * x + b * y + c) / (g * x + h * y + 1);
    }

    /** Where a point is down, as a fraction of the other picture's height. */
    public double y(double x, double y) {
        return (d * x + e * y + f) / (g * x + h * y + 1);
    }

    /** From the other picture back to this one. */
    public Warp inverse() {
        return scaled(
                e - f * h,
                c * h - b,
                b * f - c * e,
                f * g - d,
                a - c * g,
                c * d - a * f,
                d * h - e * g,
                b * g - a * h,
                a * e - b * d);
    }

    /** This one, and from where it leads the next one. */
    public Warp then(Warp next) {
        return scaled(
                next.a * a + next.b * d + next.c * g,
                next.a * b + next.b * e + next.c * h,
                next.a * c + next.b * f + next.c,
                next.d * a + next.e * d + next.f * g,
                next.d * b + next.e * e + next.f * h,
                next.d * c + next.e * f + next.f,
                next.g * a + next.h * d + g,
                next.g * b + next.h * e + h,
                next.g * c + next.h * f + 1);
    }

    private static Warp scaled(
            double a, double b, double c, double d, double e, double f, double g, double h, double by) {
        return new Warp(a / by, b / by, c / by, d / by, e / by, f / by, g / by, h / by);
    }

    /** From a part of a picture, as fractions of it, to the whole one. */
    public static Warp part(double left, double top, double width, double height) {
        return new Warp(width, 0, left, 0, height, top, 0, 0);
    }

    /** Moves points by fractions of width and height. */
    public static Warp shift(double x, double y) {
        return new Warp(1, 0, x, 0, 1, y, 0, 0);
    }

    /**
     * Turns points to the right about the middle, and moves them from it.
     *
     * @param degrees to the right, seen on the picture
     * @param scale 1 leaves their distances
     * @param ratio width to height of the picture
     */
    public static Warp turn(double degrees, double scale, double ratio) {
        double cos = scale * Math.cos(Math.toRadians(degrees));
        double sin = scale * Math.sin(Math.toRadians(degrees));
        double b = -sin / ratio;
        double d = sin * ratio;
        return new Warp(cos, b, 0.5 - (cos + b) / 2, d, cos, 0.5 - (d + cos) / 2, 0, 0);
    }
}
