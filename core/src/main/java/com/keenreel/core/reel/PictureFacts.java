package com.keenreel.core.reel;

import com.keenreel.core.align.Warp;
import com.keenreel.core.reel.PictureTraits.Inked;
import org.jspecify.annotations.Nullable;

/**
 * What calculations need to know of a picture.
 *
 * @param id the picture
 * @param width pixels across, upright, above 0
 * @param height pixels down, upright, above 0
 * @param focal the proposed focal point
 * @param inked what of it is drawn on
 * @param clear whether anything of it is transparent
 * @param tones its colours, out of focus; null where they are not known
 * @param video what it stands for; null for one that is a picture and nothing else
 * @param lined where each of its points is in the picture that it was made of, when it was lined up with another one and so
 *     stands in that one's frame; null for one that is as it was taken
 */
public record PictureFacts(
        PictureId id,
        int width,
        int height,
        FocalPoint focal,
        Inked inked,
        boolean clear,
        @Nullable Tones tones,
        @Nullable Video video,
        @Nullable Warp lined) {
    /** One that is drawn on all over. */
    public PictureFacts(PictureId id, int width, int height, FocalPoint focal) {
        this(id, width, height, focal, Inked.ALL, false, null);
    }

    /** One that is a picture and nothing else. */
    public PictureFacts(
            PictureId id, int width, int height, FocalPoint focal, Inked inked, boolean clear, @Nullable Tones tones) {
        this(id, width, height, focal, inked, clear, tones, null, null);
    }

    /** The same picture, lined up. */
    public PictureFacts linedUp(@Nullable Warp by) {
        return new PictureFacts(id, width, height, focal, inked, clear, tones, video, by);
    }

    /** The same picture, which stands for that. */
    public PictureFacts of(@Nullable Video other) {
        return new PictureFacts(id, width, height, focal, inked, clear, tones, other, lined);
    }

    public PictureFacts {
        if (width < 1 || height < 1) {
            throw new IllegalArgumentException("A picture has at least one pixel, not " + width + " x " + height + ".");
        }
    }

    /** Whether it is a shape on nothing, which can be shown in one colour; one that fills its own box would be a block. */
    public boolean isShape() {
        return clear && inked.coverage() < 0.85;
    }

    /** Width divided by height. */
    public double ratio() {
        return (double) width / height;
    }
}
