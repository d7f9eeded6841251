package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/**
 * A picture in pieces of one size, each of which moves like the others, but at a time of its own.
 *
 * @param columns how many stand side by side, at least 1
 * @param rows how many stand one below another, at least 1
 * @param order which moves before which
 * @param stagger ms from one to those that follow it, 0 or more
 */
public record Cut(int columns, int rows, Order order, long stagger) {
    /** Which piece moves before which. */
    public enum Order {
        /** From the upper left corner to the lower right one. */
        ONWARD,
        /** From the lower right corner to the upper left one. */
        BACK,
        /** From the middle outward, in steps that count both ways. */
        OUTWARD;

        private int rank(int column, int row, int columns, int rows) {
            int onward = column + row;
            return switch (this) {
                case ONWARD -> onward;
                case BACK -> columns - 1 + rows - 1 - onward;
                case OUTWARD -> (Math.abs(2 * column - (columns - 1)) + Math.abs(2 * row - (rows - 1))) / 2;
            };
        }
    }

    public Cut {
        if (columns < 1 || rows < 1 || stagger < 0) {
            throw new IllegalArgumentException("A picture has at least one piece, and none moves before the first.");
        }
    }

    /**
     * A change in which the picture of the coming slide is cut like that.
     *
     * @param duration ms, all in all
     * @param away how each piece stands before it comes
     */
    Plan coming(long duration, Easing easing, Pose away) {
        Piece pieces = new Piece(On.INCOMING, this, 0, duration - last(), easing, away, Pose.STANDING);
        Piece words = new Piece(On.WORDS, 0, duration, easing, Pose.INVISIBLE, Pose.STANDING);
        return new Plan(duration, List.of(pieces, words));
    }

    /** How many pieces there are. */
    public int count() {
        return columns * rows;
    }

    /**
     * How much later than the first a piece moves, ms.
     *
     * @param n its place from 0, row by row
     */
    public long delay(int n) {
        return order.rank(n % columns, n / columns, columns, rows) * stagger;
    }

    /** How much later than the first the last one moves, ms. */
    public long last() {
        long last = 0;
        for (int n = 0; n < count(); n++) {
            last = Math.max(last, delay(n));
        }
        return last;
    }
}
