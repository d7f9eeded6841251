package com.keenreel.core.space;

import com.keenreel.core.option.Aligned;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.reel.Slot;

/** From page to slot to reel. */
public final class Widths {
    /** The narrowest width that everything is calculated for, px. */
    public static final double NARROWEST = 280;

    private Widths() {}

    /** The slot's width as a length of the page's width. */
    public static Length slot(Slot slot) {
        return switch (slot.kind()) {
            case FULL -> Length.WIDTH;
            case BOX, COLUMN -> Length.min(Length.WIDTH.minus(2 * Slot.MARGIN), Length.px(slot.size()));
        };
    }

    /** The reel's width as a length of its slot's, {@code min(share * slot, most)}. */
    public static Length reel(ReelWidth width) {
        Length share = Length.share(width.share());
        return Double.isInfinite(width.most()) ? share : Length.min(share, Length.px(width.most()));
    }

    /** Where the reel starts in its slot, as a length of the slot's width. */
    public static Length start(ReelWidth width, Aligned aligned) {
        Length spare = Length.WIDTH.minus(reel(width));
        return switch (aligned) {
            case START -> Length.ZERO;
            case CENTRE -> spare.dividedBy(2);
            case END -> spare;
        };
    }

    /**
     * The least slot width at which the reel is at least that wide; positive infinity when it never is.
     *
     * @param reelWidth px
     */
    public static double slotFor(ReelWidth width, double reelWidth) {
        return reelWidth > width.most() ? Double.POSITIVE_INFINITY : reelWidth / width.share();
    }
}
