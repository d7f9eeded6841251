package com.keenreel.core.reel;

/**
 * The point of a picture that a crop keeps in view.
 *
 * @param x from the left edge, as a fraction 0 to 1
 * @param y from the top edge, as a fraction 0 to 1
 */
public record FocalPoint(double x, double y) {
    /** The middle of the picture. */
    public static final FocalPoint CENTRE = new FocalPoint(0.5, 0.5);

    public FocalPoint {
        if (!(x >= 0 && x <= 1 && y >= 0 && y <= 1)) {
            throw new IllegalArgumentException("A focal point lies inside its picture: 0 to 1 across and down.");
        }
    }

    /** Read as people say it: "58, 47 %". */
    @Override
    public String toString() {
        return Math.round(100 * x) + ", " + Math.round(100 * y) + " %";
    }
}
