package com.keenreel.core.option;

/**
 * A width to height ratio such as 16:9, of numbers with at most six decimals.
 *
 * @param width the first number, above 0
 * @param height the second number, above 0; the ratio must lie between 1:5 and 12:1
 */
public record Ratio(double width, double height) {
    /** The least width for a height of 1: nothing is shown narrower. */
    public static final double LEAST = 0.2;

    public Ratio {
        if (!Double.isFinite(width) || !Double.isFinite(height)) {
            throw new IllegalArgumentException("Write a ratio as two numbers, such as 16:9.");
        }
        width = Numbers.kept(width);
        height = Numbers.kept(height);
        if (!(width > 0) || !(height > 0) || width / height < LEAST || width / height > 12) {
            throw new IllegalArgumentException("A ratio lies between 1:5 and 12:1, which " + Numbers.plain(width) + ":"
                    + Numbers.plain(height) + " does not.");
        }
    }

    /** Width divided by height. */
    public double value() {
        return width / height;
    }

    /**
     * Reads "16:9" or "2.4:1".
     *
     * @throws IllegalArgumentException with a sentence, when it is not two positive numbers with a colon between them
     */
    public static Ratio read(String text) {
        String[] parts = text.strip().split("\\s*[:/x×]\\s*", -1);
        if (parts.length != 2) {
            throw new IllegalArgumentException("Write a ratio as two numbers, such as 16:9.");
        }
        try {
            return new Ratio(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
        } catch (NumberFormatException notANumber) {
            throw new IllegalArgumentException("Write a ratio as two numbers, such as 16:9.", notANumber);
        }
    }

    @Override
    public String toString() {
        return Numbers.plain(width) + ":" + Numbers.plain(height);
    }
}
