package com.keenreel.imaging.align;

import java.util.Arrays;

/**
 * How alike a square of one picture is to every place of a part of another, from -1 to 1: the normalised cross-correlation,
 * to which it is all the same how bright and how rich in contrast either is. Source: J. P. Lewis, "Fast Normalized
 * Cross-Correlation", Vision Interface (1995).
 */
final class Likeness {
    /** A square that varies by less is as good as plain: its noise would be compared. */
    private static final double PLAIN = 1.5;

    private final int reach;
    private final float[] square;
    private final double varies;

    /**
     * Of the square around that pixel.
     *
     * @param reach how far it reaches from there, px
     */
    Likeness(Grey picture, int x, int y, int reach) {
        this.reach = reach;
        int side = 2 * reach + 1;
        square = new float[side * side];
        double sum = 0;
        for (int row = 0, at = 0; row < side; row++) {
            for (int column = 0; column < side; column++, at++) {
                square[at] = picture.at(x - reach + column, y - reach + row);
                sum += square[at];
            }
        }
        float mean = (float) (sum / square.length);
        double squares = 0;
        for (int at = 0; at < square.length; at++) {
            square[at] -= mean;
            squares += square[at] * square[at];
        }
        varies = Math.sqrt(squares);
    }

    /** Whether there is anything in it to be compared. */
    boolean isPlain() {
        return varies < PLAIN * (2 * reach + 1);
    }

    /**
     * The likeness at each place at which the square can lie in a part, row by row.
     *
     * @param part so wide and high, row by row
     */
    float[] in(float[] part, int width, int height) {
        int side = 2 * reach + 1;
        int across = width - side + 1;
        int down = height - side + 1;
        double[] sums = new double[(width + 1) * (height + 1)];
        double[] squares = new double[sums.length];
        summed(part, width, height, sums, squares);
        float[] likeness = new float[across * down];
        double[] products = new double[across];
        for (int y = 0; y < down; y++) {
            products(part, y * width, width, products);
            for (int x = 0; x < across; x++) {
                double sum = box(sums, width + 1, x, y, side);
                double own = box(squares, width + 1, x, y, side) - sum * sum / square.length;
                if (own >= PLAIN * PLAIN * square.length) { // nothing is like what is plain
                    likeness[y * across + x] = (float) (products[x] / (varies * Math.sqrt(own)));
                }
            }
        }
        return likeness;
    }

    /** The sums of products with the square at every place of a row of places: all at once, as a processor does them several at a time. */
    private void products(float[] part, int start, int width, double[] into) {
        int side = 2 * reach + 1;
        float[] line = new float[into.length];
        Arrays.fill(into, 0);
        for (int row = 0; row < side; row++) {
            Arrays.fill(line, 0);
            for (int column = 0; column < side; column++) {
                add(square[row * side + column], part, start + row * width + column, line);
            }
            for (int x = 0; x < line.length; x++) {
                into[x] += line[x];
            }
        }
    }

    private static void add(float times, float[] values, int from, float[] to) {
        for (int x = 0; x < to.length; x++) {
            to[x] += times * values[from + x];
        }
    }

    private static void summed(float[] part, int width, int height, double[] sums, double[] squares) {
        Arrays.fill(sums, 0);
        for (int y = 0; y < height; y++) {
            double sum = 0;
            double square = 0;
            for (int x = 0; x < width; x++) {
                double value = part[y * width + x];
                sum += value;
                square += value * value;
                int at = (y + 1) * (width + 1) + x + 1;
                sums[at] = sums[at - width - 1] + sum;
                squares[at] = squares[at - width - 1] + square;
            }
        }
    }

    private static double box(double[] sums, int wide, int x, int y, int side) {
        int top = y * wide + x;
        int bottom = (y + side) * wide + x;
        return sums[bottom + side] - sums[bottom] - sums[top + side] + sums[top];
    }
}
