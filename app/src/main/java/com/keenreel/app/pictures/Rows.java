package com.keenreel.app.pictures;

import com.keenreel.core.space.JustifiedRows;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Pictures in justified rows, beside the list of sets on a page of the usual width; narrower windows scale them. */
final class Rows {
    private static final double WIDTH = 1016;
    private static final double TARGET = 120;
    private static final double GAP = 10;
    private static final int COMING = 60;

    private Rows() {}

    /**
     * One picture in its place, px.
     *
     * @param picture null for a file that is still coming: its place is kept
     * @param coming which of the coming files, from 0
     */
    record Cell(@Nullable Shown picture, int coming, double ratio, long width, long height) {
        static Cell of(Shown picture) {
            return new Cell(picture, -1, (double) picture.width() / picture.height(), 0, 0);
        }
    }

    /**
     * The rows.
     *
     * @param coming width to height of files that are still coming, comma between; they stand first
     */
    static List<List<Cell>> of(List<Shown> pictures, String coming) {
        List<Cell> cells = new ArrayList<>(coming(coming));
        pictures.forEach(picture -> cells.add(Cell.of(picture)));
        List<Double> ratios = cells.stream().map(Rows::ratio).toList();
        return JustifiedRows.of(ratios, WIDTH, TARGET, GAP).stream()
                .map(row -> cells.subList(row.from(), row.to()).stream()
                        .map(cell -> placed(cell, row.height()))
                        .toList())
                .toList();
    }

    private static List<Cell> coming(String said) {
        List<Double> ratios = Arrays.stream(said.split(","))
                .filter(one -> one.matches("\\d{1,6}(\\.\\d{1,6})?"))
                .map(Double::valueOf)
                .limit(COMING)
                .toList();
        return Stream.iterate(0, at -> at < ratios.size(), at -> at + 1)
                .map(at -> new Cell(null, at, ratios.get(at), 0, 0))
                .toList();
    }

    private static Cell placed(Cell cell, double height) {
        long width = (long) (ratio(cell) * height);
        return new Cell(cell.picture(), cell.coming(), cell.ratio(), width, Math.round(height));
    }

    /** Very wide and very tall pictures are cropped, so that they leave room for others. */
    private static double ratio(Cell cell) {
        return Math.min(4, Math.max(0.5, cell.ratio()));
    }
}
