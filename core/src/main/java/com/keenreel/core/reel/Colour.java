package com.keenreel.core.reel;

import java.util.Locale;

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

    @Override
    public String toString() {
        return hex;
    }
}
