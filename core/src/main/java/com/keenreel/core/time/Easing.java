package com.keenreel.core.time;

import com.keenreel.core.option.Pace;

/** How progress runs between the start and the end of a piece: a cubic Bezier curve from (0, 0) to (1, 1). */
public enum Easing {
    /** At constant speed. */
    LINEAR(0, 0, 1, 1),
    /** Starts and ends gently. */
    GENTLE(0.45, 0, 0.25, 1),
    /** Starts gently, and ends at full speed. */
    STARTING(0.42, 0, 1, 1),
    /** Starts at once and ends gently, as what a hand let go of. */
    ENDING(0, 0, 0.58, 1);

    private final double x1;
    private final double y1;
    private final double x2;
    private final double y2;

    Easing(double x1, double y1, double x2, double y2) {
        this.x1 = x1;
        this.y1 = y1;
        this.x2 = x2;
        this.y2 = y2;
    }

    /** That of a pace. */
    public static Easing of(Pace pace) {
        return switch (pace) {
            case EVENLY -> LINEAR;
            case GENTLY -> GENTLE;
            case STARTING_GENTLY -> STARTING;
            case ENDING_GENTLY -> ENDING;
        };
    }

    /** As CSS writes it. */
    public String css() {
        return this == LINEAR ? "linear" : "cubic-bezier(" + x1 + ", " + y1 + ", " + x2 + ", " + y2 + ")";
    }

    /** The progress 0 to 1 at a share 0 to 1 of the duration, to within 1e-9. */
    public double at(double share) {
        if (this == LINEAR || share <= 0 || share >= 1) {
            return Math.min(1, Math.max(0, share));
        }
        double low = 0;
        double high = 1;
        while (high - low > 1e-10) {
            double middle = (low + high) / 2;
            if (curve(middle, x1, x2) < share) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return curve(low, y1, y2);
    }

    private static double curve(double t, double a, double b) {
        return 3 * (1 - t) * (1 - t) * t * a + 3 * (1 - t) * t * t * b + t * t * t;
    }
}
