package com.keenreel.core.arrangement.marquee;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Heights at which logos look equally large. One of ratio r whose box is covered by ink to a share c has c r h h of ink at a
 * height h; it is equal where h is as 1 / sqrt(c r). These heights are kept within a band whose least is
 * {@link #LEAST} of its greatest, in the middle of which their geometric mean lies, and the tallest gets the common height.
 */
final class Balance {
    /** The least height, as a share of the greatest. */
    static final double LEAST = 0.6;

    private Balance() {}

    /**
     * A logo without its margins.
     *
     * @param ratio width divided by height, above 0
     * @param coverage how much of it is inked, 0 to 1
     */
    record Mark(double ratio, double coverage) {
        private double height() {
            return 1 / Math.sqrt(ratio * Math.max(0.02, coverage)); // hairlines are not endlessly light
        }
    }

    /** Shares of the common height, {@link #LEAST} to 1, one for each of those. */
    static double[] shares(List<Mark> marks) {
        double[] heights = marks.stream().mapToDouble(Mark::height).toArray();
        double logarithms = IntStream.range(0, heights.length)
                .mapToDouble(i -> Math.log(heights[i]))
                .average()
                .orElse(0);
        double scale = Math.sqrt(LEAST) / Math.exp(logarithms);
        double tallest = LEAST;
        for (int i = 0; i < heights.length; i++) {
            heights[i] = Math.max(LEAST, Math.min(1, heights[i] * scale));
            tallest = Math.max(tallest, heights[i]);
        }
        for (int i = 0; i < heights.length; i++) {
            heights[i] /= tallest;
        }
        return heights;
    }
}
