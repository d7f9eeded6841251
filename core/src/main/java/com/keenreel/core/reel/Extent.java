package com.keenreel.core.reel;

import com.keenreel.core.option.Colour;

/**
 * What colours there are somewhere, channel by channel.
 *
 * @param darkest no channel is below its
 * @param lightest nor above its
 */
public record Extent(Colour darkest, Colour lightest) {
    /** Any colour there is. */
    public static final Extent ANY = new Extent(new Colour("#000000"), Colour.WHITE);

    /** One colour alone. */
    public static Extent of(Colour colour) {
        return new Extent(colour, colour);
    }

    /** What there is in either. */
    public Extent and(Extent other) {
        return new Extent(darkest.withEach(other.darkest, Math::min), lightest.withEach(other.lightest, Math::max));
    }
}
