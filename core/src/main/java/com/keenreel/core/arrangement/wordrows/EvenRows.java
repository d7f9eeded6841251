package com.keenreel.core.arrangement.wordrows;

import java.util.ArrayList;
import java.util.List;

/**
 * Words in rows that are as long as one another as their order allows: of all ways to break them, the longest row is the
 * shortest. Found by dynamic programming, as the linear partition problem is.
 */
final class EvenRows {
    private EvenRows() {}

    /**
     * The first word of each row, counted from 0.
     *
     * @param widths of the words
     * @param between two of them
     * @param most rows, 1 or more; there are never more than words
     */
    static List<Integer> of(List<Double> widths, double between, int most) {
        int words = widths.size();
        int rows = Math.min(most, words);
        double[][] longest = new double[rows + 1][words + 1];
        int[][] from = new int[rows + 1][words + 1];
        for (double[] row : longest) {
            java.util.Arrays.fill(row, Double.POSITIVE_INFINITY);
        }
        longest[0][0] = 0;
        for (int row = 1; row <= rows; row++) {
            for (int to = row; to <= words; to++) {
                double length = -between;
                for (int start = to - 1; start >= row - 1; start--) {
                    length += widths.get(start) + between;
                    double all = Math.max(longest[row - 1][start], length);
                    if (all < longest[row][to] - 1e-9) {
                        longest[row][to] = all;
                        from[row][to] = start;
                    }
                }
            }
        }
        List<Integer> starts = new ArrayList<>();
        for (int row = rows, to = words; row > 0; to = from[row][to], row--) {
            starts.add(0, from[row][to]);
        }
        return starts;
    }
}
