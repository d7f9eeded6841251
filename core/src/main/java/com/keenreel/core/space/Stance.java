package com.keenreel.core.space;

/**
 * How a slide stands that is some stops away from the one in front.
 *
 * @param shift how far to the side of it, in slide widths; above 0
 * @param back how far behind it, in slide widths; 0 or below
 * @param turn how far it is turned about its upright axis so that its outer edge recedes, degrees
 * @param scale how large it is, 1 being as large as the one in front
 * @param opacity 0 to 1
 */
public record Stance(double shift, double back, double turn, double scale, double opacity) {
    /** In front. */
    public static final Stance FRONT = new Stance(0, 0, 0, 1, 1);

    /** How far the eye is from the one in front, in slide widths. */
    public static final double EYE = 2.5;

    /** Half-way between two, turned by that. */
    public static Stance between(Stance one, Stance other, double turn) {
        return new Stance(
                (one.shift + other.shift) / 2,
                (one.back + other.back) / 2,
                turn,
                (one.scale + other.scale) / 2,
                (one.opacity + other.opacity) / 2);
    }

    /** The same on the left side, where it is one of the right side, and the other way round. */
    public Stance mirrored() {
        return new Stance(-shift, back, -turn, scale, opacity);
    }

    /**
     * Where a point of a slide is seen, from the point about which it turns.
     *
     * @param x from that point to the right, in slide widths
     * @param y from that point down, in slide widths
     */
    public Point seen(double x, double y) {
        double angle = Math.toRadians(turn);
        double behind = back - x * scale * Math.sin(angle);
        double nearer = EYE / (EYE - behind);
        return new Point((shift + x * scale * Math.cos(angle)) * nearer, y * scale * nearer);
    }

    /** A point of a plane, in the unit of the plane. */
    public record Point(double x, double y) {}
}
