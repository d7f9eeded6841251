package com.keenreel.core.space;

/**
 * What words and names on a picture keep clear of, because controls stand there.
 *
 * @param beside what is taken at each side, px; 0 for nothing
 * @param foot what is taken at its foot
 */
public record Clear(double beside, Length foot) {
    /** Nothing stands there. */
    public static final Clear OF_NOTHING = new Clear(0, Length.ZERO);
}
