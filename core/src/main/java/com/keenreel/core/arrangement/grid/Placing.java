package com.keenreel.core.arrangement.grid;

import com.keenreel.core.option.Spanning;
import java.util.BitSet;

/**
 * Which cells the slides of one page take: row by row, each after the one before it; or, where holes are filled, each in
 * the first place where it fits.
 */
final class Placing {
    private final int columns;
    private final boolean holes;
    private final BitSet taken = new BitSet();
    private int next; // the first cell that may be looked at

    /**
     * A place.
     *
     * @param row from 0
     * @param column from 0
     * @param across columns
     * @param down rows
     */
    record Cell(int row, int column, int across, int down) {}

    Placing(int columns, boolean holes) {
        this.columns = columns;
        this.holes = holes;
    }

    /** Takes the cells of one more slide. */
    Cell take(Spanning span) {
        int across = Math.min(columns, span.across());
        int at = next;
        while (!fits(at, across, span.down())) {
            at++;
        }
        Cell cell = new Cell(at / columns, at % columns, across, span.down());
        for (int row = 0; row < cell.down(); row++) {
            taken.set(at + row * columns, at + row * columns + across);
        }
        next = holes ? taken.nextClearBit(0) : at + across;
        return cell;
    }

    private boolean fits(int at, int across, int down) {
        if (at % columns + across > columns) {
            return false;
        }
        for (int row = 0; row < down; row++) {
            int from = at + row * columns;
            int found = taken.nextSetBit(from);
            if (found >= 0 && found < from + across) {
                return false;
            }
        }
        return true;
    }

    /** How many rows are taken. */
    int rows() {
        return (taken.length() + columns - 1) / columns;
    }
}
