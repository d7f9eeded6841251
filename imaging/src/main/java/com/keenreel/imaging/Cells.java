package com.keenreel.imaging;

import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.Mosaic;
import java.util.ArrayList;
import java.util.List;

/** What colours there are in each part of a picture. */
final class Cells {
    private Cells() {}

    /** The least and the greatest of each channel in each part of it. */
    static Mosaic of(Pixels pixels) {
        List<Extent> cells = new ArrayList<>();
        for (int row = 0; row < Mosaic.SIDE; row++) {
            for (int column = 0; column < Mosaic.SIDE; column++) {
                int[] across = stretch(column, pixels.width());
                int[] down = stretch(row, pixels.height());
                cells.add(extent(pixels, across[0], down[0], across[1], down[1]));
            }
        }
        return new Mosaic(cells);
    }

    /** From which pixel on to which a cell goes, at least one: what it has a part of is in it. */
    private static int[] stretch(int cell, int pixels) {
        return new int[] {cell * pixels / Mosaic.SIDE, ((cell + 1) * pixels + Mosaic.SIDE - 1) / Mosaic.SIDE};
    }

    private static Extent extent(Pixels pixels, int left, int top, int right, int bottom) {
        int[] least = {255, 255, 255};
        int[] most = {0, 0, 0};
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                int pixel = pixels.argb()[y * pixels.width() + x];
                int[] own = {Analysis.red(pixel), Analysis.green(pixel), Analysis.blue(pixel)};
                for (int channel = 0; channel < own.length; channel++) {
                    least[channel] = Math.min(least[channel], own[channel]);
                    most[channel] = Math.max(most[channel], own[channel]);
                }
            }
        }
        return new Extent(Analysis.colour(least[0], least[1], least[2]), Analysis.colour(most[0], most[1], most[2]));
    }
}
