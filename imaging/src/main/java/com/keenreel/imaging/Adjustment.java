package com.keenreel.imaging;

import com.keenreel.core.align.Warp;
import com.keenreel.core.reel.FocalPoint;
import org.jspecify.annotations.Nullable;

/**
 * What an editor changed of a picture, without changing its file: turned first, then trimmed, or lined up with another one.
 *
 * @param quarters quarter turns to the right, 0 to 3, after it was turned upright
 * @param left how much is trimmed off at the left of the turned picture, as a fraction of its width
 * @param top likewise, of its height
 * @param right likewise
 * @param bottom likewise; at least a twentieth of width and height is left
 * @param onto the frame that it is drawn into, whole, because it was lined up; null for one that stands by itself
 */
public record Adjustment(
        int quarters,
        double left,
        double top,
        double right,
        double bottom,
        @Nullable Onto onto) {
    /**
     * A frame to draw into.
     *
     * @param warp where each point of the frame is in the turned picture
     * @param width px across
     * @param height px down
     * @param evening what its colours are brought to
     */
    public record Onto(Warp warp, int width, int height, Evening evening) {
        /** In the colours that it has. */
        public Onto(Warp warp, int width, int height) {
            this(warp, width, height, Evening.NONE);
        }
    }

    /** Nothing changed. */
    public static final Adjustment NONE = new Adjustment(0, 0, 0, 0, 0);

    /** Turned and trimmed. */
    public Adjustment(int quarters, double left, double top, double right, double bottom) {
        this(quarters, left, top, right, bottom, null);
    }

    /** Turned, and drawn into a frame. */
    public static Adjustment onto(int quarters, Onto onto) {
        return new Adjustment(quarters, 0, 0, 0, 0, onto);
    }

    /** What is left of a turned picture, as a part of it whole. */
    public Warp part() {
        return Warp.part(left, top, 1 - left - right, 1 - top - bottom);
    }

    public Adjustment {
        if (quarters < 0 || quarters > 3) {
            throw new IllegalArgumentException("A picture is turned by 0 to 3 quarters.");
        }
        if (!(left >= 0 && top >= 0 && right >= 0 && bottom >= 0 && left + right <= 0.95 && top + bottom <= 0.95)) {
            throw new IllegalArgumentException("At least a twentieth of a picture's width and height is left.");
        }
    }

    /** Whether anything is trimmed off. */
    public boolean isTrimmed() {
        return left + top + right + bottom > 0;
    }

    /** Pixels across when so much of a picture of that size, upright, is left. */
    public int width(int width, int height) {
        return onto != null ? onto.width() : left(quarters % 2 == 0 ? width : height, left + right);
    }

    /** Pixels down, likewise. */
    public int height(int width, int height) {
        return onto != null ? onto.height() : left(quarters % 2 == 0 ? height : width, top + bottom);
    }

    private static int left(int length, double trimmed) {
        return (int) Math.max(1, Math.round(length * (1 - trimmed)));
    }

    /**
     * Where a point of the picture, adjusted like this, is when it is adjusted like the other; at the edge when it is
     * trimmed off.
     */
    public FocalPoint movedTo(Adjustment other, FocalPoint point) {
        double[] upright = back(1, left + point.x() * (1 - left - right), top + point.y() * (1 - top - bottom));
        for (int i = 0; i < other.quarters; i++) { // forth, one quarter to the right each
            upright = new double[] {1 - upright[1], upright[0]};
        }
        return new FocalPoint(
                inside((upright[0] - other.left) / (1 - other.left - other.right)),
                inside((upright[1] - other.top) / (1 - other.top - other.bottom)));
    }

    private static double inside(double share) {
        return Math.min(1, Math.max(0, share));
    }

    /**
     * The part of the stored picture that is left.
     *
     * @param orientation how the stored picture is turned upright, as EXIF numbers it
     * @return left, top, right and bottom edge as fractions of the stored picture
     */
    double[] stored(int orientation) {
        double[] one = back(orientation, left, top);
        double[] other = back(orientation, 1 - right, 1 - bottom);
        return new double[] {
            Math.min(one[0], other[0]),
            Math.min(one[1], other[1]),
            Math.max(one[0], other[0]),
            Math.max(one[1], other[1])
        };
    }

    /** Where a point of the finished picture, as fractions, is in the stored one. */
    private double[] back(int orientation, double x, double y) {
        double[] point = {x, y};
        for (int i = 0; i < quarters; i++) {
            point = back(6, point);
        }
        return back(orientation, point);
    }

    private static double[] back(int orientation, double[] point) {
        double x = point[0];
        double y = point[1];
        return switch (orientation) {
            case 2 -> new double[] {1 - x, y};
            case 3 -> new double[] {1 - x, 1 - y};
            case 4 -> new double[] {x, 1 - y};
            case 5 -> new double[] {y, x};
            case 6 -> new double[] {y, 1 - x};
            case 7 -> new double[] {1 - y, 1 - x};
            case 8 -> new double[] {1 - y, x};
            default -> point;
        };
    }
}
