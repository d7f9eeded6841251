package com.keenreel.core.space;

/** Type that grows with the reel, between two widths. */
public final class FluidSize {
    /** At and below this reel width type has its least size, px. */
    public static final double FROM = 390;

    /** At and above this reel width type has its greatest size, px. */
    public static final double TO = 1280;

    private FluidSize() {}

    /**
     * {@code clamp(least, a + b * width, most)}.
     *
     * @param least px
     * @param most px, at most 2.5 times {@code least}, so that text still grows when a visitor zooms to 200 %
     */
    public static Length between(double least, double most) {
        if (most < least || most > 2.5 * least) {
            throw new IllegalArgumentException("The greatest size is 1 to 2.5 times the least.");
        }
        double share = (most - least) / (TO - FROM);
        Length growing = Length.share(share).plus(least - share * FROM);
        return Length.clamp(Length.px(least), growing, Length.px(most));
    }
}
