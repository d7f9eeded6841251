package com.keenreel.core.option;

/**
 * Where one set-up ends and the next begins, in CSS px of the reel's own width.
 *
 * @param tabletFrom the least width of the tablet set-up; everything below is phone
 * @param deskFrom the least width of the desk set-up
 */
public record SetUpLimits(double tabletFrom, double deskFrom) {
    /** So many widths tablet has at the least, px. */
    private static final double LEAST_OF_TABLET = 40;

    /** Those that were chosen; desk begins where tablet has had the widths that it has at the least. */
    public static SetUpLimits of(Choices choices) {
        double tablet = choices.get(ShapeOptions.TABLET_FROM);
        return new SetUpLimits(tablet, Math.max(tablet + LEAST_OF_TABLET, choices.get(ShapeOptions.DESK_FROM)));
    }

    public SetUpLimits {
        if (!(tabletFrom > 280 && deskFrom > tabletFrom && deskFrom <= 2560)) {
            throw new IllegalArgumentException("The limits rise: above 280, then up to 2560 px.");
        }
    }

    /** The least reel width of that set-up. */
    public double from(SetUp setUp) {
        return switch (setUp) {
            case PHONE -> 0;
            case TABLET -> tabletFrom;
            case DESK -> deskFrom;
        };
    }

    /** The first reel width that is no longer in that set-up, px; infinite for desk. */
    public double below(SetUp setUp) {
        return switch (setUp) {
            case PHONE -> tabletFrom;
            case TABLET -> deskFrom;
            case DESK -> Double.POSITIVE_INFINITY;
        };
    }
}
