package com.keenreel.core.option;

import java.util.HexFormat;
import java.util.Locale;
import java.util.function.IntBinaryOperator;

/**
 * An opaque sRGB colour.
 *
 * @param hex "#rrggbb" in lower case
 */
public record Colour(String hex) {
    public Colour {
        hex = hex.strip().toLowerCase(Locale.ROOT);
        if (!hex.matches("#[0-9a-f]{6}")) {
            throw new IllegalArgumentException("Write a colour as # and six of 0-9 and a-f, such as #16241e.");
        }
    }

    /** White. */
    public static final Colour WHITE = new Colour("#ffffff");

    /** The dark that words and controls have where white cannot be read. */
    public static final Colour DARK = new Colour("#16241e");

    private int rgb() {
        return Integer.parseInt(hex, 1, hex.length(), 16);
    }

    /** Relative luminance, 0 (black) to 1 (white): WCAG 2.2. */
    public double luminance() {
        return 0.2126 * linear(1) + 0.7152 * linear(3) + 0.0722 * linear(5);
    }

    /** Linear light of a value of sRGB, both 0 to 1 (IEC 61966-2-1). */
    public static double linear(double value) {
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    private double linear(int at) {
        double share = Integer.parseInt(hex.substring(at, at + 2), 16) / 255.0;
        return linear(share);
    }

    /** How well one is told from the other, 1 to 21: (L1 + .05)/(L2 + .05) of WCAG 2.2, the lighter one above. */
    public double contrast(Colour other) {
        double one = luminance() + 0.05;
        double two = other.luminance() + 0.05;
        return Math.max(one, two) / Math.min(one, two);
    }

    /**
     * The same so that what is behind it is seen through it, as style sheets say it.
     *
     * @param density 0 (not seen) to 1
     */
    public String dense(double density) {
        int rgb = rgb();
        return "rgb(" + (rgb >> 16) + " " + (rgb >> 8 & 255) + " " + (rgb & 255) + "/" + Numbers.plain(100 * density)
                + "%)";
    }

    /**
     * What is seen where this is laid over another, blended as browsers do.
     *
     * @param density 0 (not seen) to 1
     */
    public Colour over(Colour behind, double density) {
        return withEach(behind, (own, other) -> (int) Math.round(own * density + other * (1 - density)));
    }

    /** What two numbers of a channel, 0 to 255, give is that of the colour. */
    public Colour withEach(Colour other, IntBinaryOperator of) {
        int one = rgb();
        int two = other.rgb();
        int each = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            each |= of.applyAsInt(one >> shift & 255, two >> shift & 255) << shift;
        }
        return new Colour("#" + HexFormat.of().toHexDigits(each, 6));
    }

    /** White or dark, whichever is read better on this. */
    public Colour ink() {
        return contrast(WHITE) >= contrast(DARK) ? WHITE : DARK;
    }

    @Override
    public String toString() {
        return hex;
    }
}
