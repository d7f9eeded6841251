package com.keenreel.core.space;

import com.keenreel.core.option.Aligned;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;

/** From page to slot to reel. */
public final class Widths {
    /** The narrowest width that everything is calculated for, px. */
    public static final double NARROWEST = 280;

    /** So much of everything is space on one side at the most, so that a narrow reel is still one. */
    private static final double MOST_AROUND = 0.125;

    private Widths() {}

    /**
     * Whether a reel that stands on a page of that width or more may be narrower than it: it has a share of its slot, space
     * around it, or a slot that is no wider.
     */
    public static boolean mayBeNarrower(Reel reel) {
        boolean narrowSlot = reel.slot().kind() != Slot.Kind.FULL && reel.slot().size() < NARROWEST;
        return narrowSlot
                || reel.choices().get(ShapeOptions.WIDTH).share() < 1
                || reel.choices().get(ShapeOptions.AROUND) > 0;
    }

    /** The slot's width as a length of the page's width. */
    public static Length slot(Slot slot) {
        return switch (slot.kind()) {
            case FULL -> Length.WIDTH;
            case BOX, COLUMN -> Length.min(Length.WIDTH.minus(2 * Slot.MARGIN), Length.px(slot.size()));
        };
    }

    /**
     * How wide a browser makes a reel of that width, px: boxes are laid out in 64ths of a px, and what is many times as high as
     * wide shows it. (Firefox counts in 60ths.)
     */
    public static double laidOut(double width) {
        return Math.floor(width * 64 + 1e-6) / 64;
    }

    /** The width of a reel and the space around it as a length of its slot's, {@code min(share * slot, most)}. */
    public static Length reel(ReelWidth width) {
        Length share = Length.share(width.share());
        return Double.isInfinite(width.most()) ? share : Length.min(share, Length.px(width.most()));
    }

    /** Where that starts in its slot, as a length of the slot's width. */
    public static Length start(ReelWidth width, Aligned aligned) {
        Length spare = Length.WIDTH.minus(reel(width));
        return switch (aligned) {
            case START -> Length.ZERO;
            case CENTRE -> spare.dividedBy(2);
            case END -> spare;
        };
    }

    /**
     * The space around a reel as a length of its slot's width: as chosen, but never more on a side than {@link #MOST_AROUND}
     * of all of it.
     *
     * @param around px
     */
    public static Length around(ReelWidth width, double around) {
        return around == 0
                ? Length.ZERO
                : Length.min(Length.px(around), reel(width).times(MOST_AROUND));
    }

    /** The same as a length of what it leaves of the reel. */
    public static Length beside(double around) {
        return around == 0
                ? Length.ZERO
                : Length.min(Length.px(around), Length.share(MOST_AROUND / (1 - 2 * MOST_AROUND)));
    }

    /**
     * The least slot width at which the reel is at least that wide; positive infinity when it never is.
     *
     * @param around the space that is kept around it, px
     * @param reelWidth px, without that
     */
    public static double slotFor(ReelWidth width, double around, double reelWidth) {
        double limited = reelWidth / (1 - 2 * MOST_AROUND);
        double all = limited * MOST_AROUND < around ? limited : reelWidth + 2 * around;
        return all > width.most() ? Double.POSITIVE_INFINITY : all / width.share();
    }
}
