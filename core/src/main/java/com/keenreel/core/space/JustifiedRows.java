package com.keenreel.core.space;

import java.util.ArrayList;
import java.util.List;

/**
 * Pictures in rows that are all equally wide. A row of m pictures is h = (W - (m - 1) g) / sum(ratios) high; breaks are
 * chosen by dynamic programming so that the sum of (h / target - 1)^2 is least. A last row that would be higher than the
 * target keeps the target height and costs nothing.
 *
 * <p>Source: the total-fit line breaking of D. E. Knuth and M. F. Plass, "Breaking Paragraphs into Lines" (1981), with
 * heights in place of spaces.
 */
public final class JustifiedRows {
    private JustifiedRows() {}

    /**
     * One row.
     *
     * @param from the first picture, counted from 0
     * @param to the picture after the last
     * @param height px
     */
    public record Row(int from, int to, double height) {}

    /**
     * The rows of pictures with those ratios.
     *
     * @param ratios width divided by height, each above 0
     * @param width that rows fill, px
     * @param target the height that rows come near, px
     * @param gap between two pictures, px
     */
    public static List<Row> of(List<Double> ratios, double width, double target, double gap) {
        int count = ratios.size();
        double[] cost = new double[count + 1];
        int[] start = new int[count + 1];
        for (int to = 1; to <= count; to++) {
            cost[to] = Double.POSITIVE_INFINITY;
            double sum = 0;
            for (int from = to - 1; from >= 0; from--) {
                sum += ratios.get(from);
                double height = (width - (to - from - 1) * gap) / sum;
                boolean last = to == count && height > target;
                double own = last ? 0 : Math.pow(height / target - 1, 2);
                if (height > 0 && cost[from] + own < cost[to]) {
                    cost[to] = cost[from] + own;
                    start[to] = from;
                }
                if (height < target / 2 && from < to - 1) {
                    break; // longer rows only get lower
                }
            }
        }
        List<Row> rows = new ArrayList<>();
        for (int to = count; to > 0; to = start[to]) {
            double sum = ratios.subList(start[to], to).stream()
                    .mapToDouble(Double::doubleValue)
                    .sum();
            double height = (width - (to - start[to] - 1) * gap) / sum;
            rows.add(0, new Row(start[to], to, to == count ? Math.min(height, target) : height));
        }
        return rows;
    }
}
