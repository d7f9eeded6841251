package com.keenreel.core.reel;

import java.util.List;

/**
 * What colours there are in each part of a picture: cells of equal size, {@link #SIDE} across and down.
 *
 * @param cells row by row from the upper left one; none where they are not known
 */
public record Mosaic(List<Extent> cells) {
    /** Cells across, and down. */
    public static final int SIDE = 8;

    /** One of which nothing is known. */
    public static final Mosaic UNKNOWN = new Mosaic(List.of());

    public Mosaic {
        cells = List.copyOf(cells);
        if (!cells.isEmpty() && cells.size() != SIDE * SIDE) {
            throw new IllegalArgumentException("A mosaic has " + SIDE * SIDE + " cells.");
        }
    }

    /**
     * What colours there are in a part of it, and in what the cells there have beside it; anything where that is not known.
     *
     * @param left of the part, as a fraction of the width; the others likewise
     */
    public Extent in(double left, double top, double right, double bottom) {
        if (cells.isEmpty()) {
            return Extent.ANY;
        }
        Extent all = null;
        for (int y = cell(top); y <= last(bottom); y++) {
            for (int x = cell(left); x <= last(right); x++) {
                Extent own = cells.get(y * SIDE + x);
                all = all == null ? own : all.and(own);
            }
        }
        return all == null ? Extent.ANY : all;
    }

    /** The same of all of it. */
    public Extent all() {
        return in(0, 0, 1, 1);
    }

    private static int cell(double at) {
        return (int) Math.max(0, Math.min(SIDE - 1, Math.floor(at * SIDE)));
    }

    /** What ends where a cell does has nothing of the next. */
    private static int last(double at) {
        return (int) Math.max(0, Math.min(SIDE - 1, Math.ceil(at * SIDE) - 1));
    }
}
