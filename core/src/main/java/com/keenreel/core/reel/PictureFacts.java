package com.keenreel.core.reel;

/**
 * What calculations need to know of a picture.
 *
 * @param id the picture
 * @param width pixels across, upright, above 0
 * @param height pixels down, upright, above 0
 * @param focal the proposed focal point
 */
public record PictureFacts(PictureId id, int width, int height, FocalPoint focal) {
    public PictureFacts {
        if (width < 1 || height < 1) {
            throw new IllegalArgumentException("A picture has at least one pixel, not " + width + " x " + height + ".");
        }
    }

    /** Width divided by height. */
    public double ratio() {
        return (double) width / height;
    }
}
