package com.keenreel.measure;

import java.util.Arrays;
import java.util.Locale;

/** Prints what was measured, a line each ({@code name value unit, goal}), and knows whether every goal was met. */
public final class Figures {
    /** What is measured. */
    public interface Measurement {
        void run(Figures figures) throws Exception;
    }

    /** Whether everything is done once and briefly, only to see that it still can be: no figure is judged then. */
    private static final boolean BRIEF = Boolean.getBoolean("keen-reel.brief");

    private int missed;
    private int printed;

    private Figures() {}

    /** Whether it is only to be seen that it still works. */
    public static boolean isBrief() {
        return BRIEF;
    }

    /**
     * How often something is done, how long, or how large it is.
     *
     * @param whole where figures are wanted
     * @param brief where it is only to be seen that it still works
     */
    public static int times(int whole, int brief) {
        return BRIEF ? brief : whole;
    }

    /** Measures, and returns how many figures were printed. */
    public static int print(Measurement measurement) throws Exception {
        Figures figures = new Figures();
        measurement.run(figures);
        return figures.printed;
    }

    /** Measures, then ends the program: 0 when every goal was met, 1 when one was missed, 2 when it failed. */
    public static void of(Measurement measurement) {
        Figures figures = new Figures();
        int code = 2;
        try {
            measurement.run(figures);
            code = figures.missed == 0 ? 0 : 1;
        } catch (Exception | AssertionError failed) {
            failed.printStackTrace();
        }
        System.exit(code);
    }

    /** A figure that may be at most {@code most}. */
    public void atMost(String name, double value, String unit, double most) {
        print(name, value, unit, "goal at most " + plain(most), value <= most);
    }

    /** A figure that must be at least {@code least}. */
    public void atLeast(String name, double value, String unit, double least) {
        print(name, value, unit, "goal at least " + plain(least), value >= least);
    }

    /** A figure without a goal. */
    public void reported(String name, double value, String unit) {
        print(name, value, unit, "reported", true);
    }

    private void print(String name, double value, String unit, String goal, boolean met) {
        missed += met ? 0 : 1;
        printed++;
        System.out.println(name + " " + plain(value) + " " + unit + ", " + goal + (met ? "" : " - MISSED"));
    }

    /** The middle one. */
    public static double median(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int middle = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[middle] : (sorted[middle - 1] + sorted[middle]) / 2;
    }

    private static String plain(double value) {
        String text = String.format(Locale.ROOT, Math.abs(value) < 10 ? "%.3f" : "%.1f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
