package com.keenreel.core.reel;

import com.keenreel.core.option.Colour;
import java.util.List;

/**
 * What was seen in a picture's pixels.
 *
 * @param alpha whether anything of it is transparent
 * @param average its mean colour
 * @param palette its most distinct colours, the commonest first, 1 to 5
 * @param luminance its mean relative luminance (WCAG 2.2), 0 to 1
 * @param inked what of it is drawn on
 * @param focal where the eye falls first, as far as that can be calculated
 * @param corners the mean colours of its quarters, as {@link Tones} has them; empty for one that was seen before they were
 *     looked at
 * @param mosaic what colours there are in each part of it
 */
public record PictureTraits(
        boolean alpha,
        Colour average,
        List<Colour> palette,
        double luminance,
        Inked inked,
        FocalPoint focal,
        List<Colour> corners,
        Mosaic mosaic) {
    /** What of a picture is drawn on, when transparent or plain margins are left out. */
    public record Inked(double left, double top, double right, double bottom, double coverage) {
        /** All of it, as in a photograph. */
        public static final Inked ALL = new Inked(0, 0, 1, 1, 1);

        /**
         * That box, and how much of it is inked.
         *
         * @param left of the box, as a fraction 0 to 1 of the width; the others likewise
         * @param coverage how much of the box is inked, 0 to 1
         */
        public Inked {
            if (!(0 <= left && left < right && right <= 1 && 0 <= top && top < bottom && bottom <= 1)) {
                throw new IllegalArgumentException("An inked box lies inside its picture.");
            }
            if (!(coverage >= 0 && coverage <= 1)) {
                throw new IllegalArgumentException("Coverage is 0 to 1.");
            }
        }
    }

    /** Its colours, out of focus. */
    public Tones tones() {
        return new Tones(average, corners, mosaic);
    }

    public PictureTraits {
        palette = List.copyOf(palette);
        corners = List.copyOf(corners);
        if (palette.isEmpty() || palette.size() > 5) {
            throw new IllegalArgumentException("A palette has 1 to 5 colours.");
        }
        if (!(luminance >= 0 && luminance <= 1)) {
            throw new IllegalArgumentException("Luminance is 0 to 1.");
        }
    }
}
