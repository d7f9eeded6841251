package com.keenreel.core.space;

/**
 * How large type is set.
 *
 * @param size of its letters
 * @param line from one line to the next
 */
public record Type(Length size, Length line) {
    /** The same at every width, px. */
    public static Type fixed(double size, double line) {
        return new Type(Length.px(size), Length.px(line));
    }

    /**
     * Growing with the reel.
     *
     * @param least its size on the narrowest reels, px
     * @param most its size on the widest, px: at most 2.5 times {@code least}
     * @param line from one line to the next, in sizes
     */
    public static Type growing(double least, double most, double line) {
        Length size = FluidSize.between(least, most);
        return new Type(size, size.times(line));
    }
}
