package com.keenreel.core.option;

/**
 * How much of its place a reel takes: {@code min(share * slot, most)}.
 *
 * @param share of the slot, 0.1 to 1
 * @param most the greatest width in px, 160 to 2560; positive infinity for no limit
 */
public record ReelWidth(double share, double most) {
    /** Fills the slot. */
    public static final ReelWidth FILLS = new ReelWidth(1, Double.POSITIVE_INFINITY);

    public ReelWidth {
        share = Numbers.kept(100 * share) / 100;
        most = Numbers.kept(most);
        if (!(share >= 0.1 && share <= 1)) {
            throw new IllegalArgumentException("A reel takes 10 to 100 % of its place.");
        }
        if (!Double.isInfinite(most) && !(most >= 160 && most <= 2560)) {
            throw new IllegalArgumentException("A reel is at most 160 to 2560 px wide.");
        }
    }

    /** Reads "fills", "most 960" or "share 80" (per cent). */
    public static ReelWidth read(String text) {
        String[] parts = text.strip().split("\\s+");
        try {
            return switch (parts[0]) {
                case "fills" -> FILLS;
                case "most" -> new ReelWidth(1, number(parts[1]));
                case "share" -> new ReelWidth(number(parts[1]) / 100, Double.POSITIVE_INFINITY);
                default -> throw new NumberFormatException(parts[0]);
            };
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException unreadable) {
            throw new IllegalArgumentException("Write the width as a number of px or per cent.", unreadable);
        }
    }

    private static double number(String text) {
        double number = Double.parseDouble(text);
        if (!Double.isFinite(number)) {
            throw new NumberFormatException(text);
        }
        return number;
    }

    /** "fills", "most 960" or "share 80". */
    public String write() {
        return !Double.isInfinite(most)
                ? "most " + Numbers.plain(most)
                : share < 1 ? "share " + Numbers.plain(100 * share) : "fills";
    }

    @Override
    public String toString() {
        return !Double.isInfinite(most)
                ? "at most " + Numbers.plain(most) + " px wide"
                : share < 1 ? Numbers.plain(100 * share) + " % of its place" : "filling its place";
    }
}
