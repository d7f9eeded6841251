package com.keenreel.core.space;

import java.util.List;

/** A rectangle at one width, px. */
public record Rectangle(double left, double top, double right, double bottom) {
    /** All there is. */
    public static final Rectangle EVERYTHING = new Rectangle(-1e9, -1e9, 1e9, 1e9);

    static Rectangle around(List<Stance.Point> points) {
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Stance.Point point : points) {
            left = Math.min(left, point.x());
            top = Math.min(top, point.y());
            right = Math.max(right, point.x());
            bottom = Math.max(bottom, point.y());
        }
        return new Rectangle(left, top, right, bottom);
    }

    double width() {
        return right - left;
    }

    double height() {
        return bottom - top;
    }

    /** Whether all of another is in it. */
    public boolean covers(Rectangle other) {
        return other.and(this).equals(other);
    }

    /** Where it is in another, as fractions of that. */
    public Rectangle within(Rectangle other) {
        return new Rectangle(
                (left - other.left) / other.width(),
                (top - other.top) / other.height(),
                (right - other.left) / other.width(),
                (bottom - other.top) / other.height());
    }

    /** What is in both. */
    public Rectangle and(Rectangle other) {
        return new Rectangle(
                Math.max(left, other.left),
                Math.max(top, other.top),
                Math.min(right, other.right),
                Math.min(bottom, other.bottom));
    }

    /** Whether there is nothing of it. */
    public boolean isEmpty() {
        return width() < 1e-6 || height() < 1e-6;
    }
}
