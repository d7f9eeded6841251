package com.keenreel.app.pictures;

import com.keenreel.core.space.JustifiedRows;
import java.util.List;

/** Pictures in justified rows, beside the list of sets on a page of the usual width; narrower windows scale them. */
final class Rows {
    private static final double WIDTH = 1016;
    private static final double TARGET = 120;
    private static final double GAP = 10;

    private Rows() {}

    /** One picture in its place, px. */
    record Cell(Shown picture, long width, long height) {}

    static List<List<Cell>> of(List<Shown> pictures) {
        List<Double> ratios = pictures.stream().map(Rows::ratio).toList();
        return JustifiedRows.of(ratios, WIDTH, TARGET, GAP).stream()
                .map(row -> pictures.subList(row.from(), row.to()).stream()
                        .map(picture ->
                                new Cell(picture, (long) (ratio(picture) * row.height()), Math.round(row.height())))
                        .toList())
                .toList();
    }

    /** Very wide and very tall pictures are cropped, so that they leave room for others. */
    private static double ratio(Shown picture) {
        return Math.min(4, Math.max(0.5, (double) picture.width() / picture.height()));
    }
}
