package com.keenreel.core.reel;

import com.keenreel.core.option.Colour;
import java.util.List;

/**
 * The colours of a picture, out of focus.
 *
 * @param all its mean colour
 * @param corners the mean colours of its quarters: upper left, upper right, lower left, lower right; empty where they are not
 *     known
 * @param mosaic what colours there are in each part of it
 */
public record Tones(Colour all, List<Colour> corners, Mosaic mosaic) {
    /** Those of a picture of whose parts nothing is known. */
    public Tones(Colour all, List<Colour> corners) {
        this(all, corners, Mosaic.UNKNOWN);
    }

    public Tones {
        corners = List.copyOf(corners);
        if (!corners.isEmpty() && corners.size() != 4) {
            throw new IllegalArgumentException("A picture has four quarters.");
        }
    }
}
