package com.keenreel.core.space;

/** The room that is kept between something and its edges. */
public record Insets(Length top, Length right, Length bottom, Length left) {
    /** The same above and below, and the same at both sides, px. */
    static Insets of(double upright, double across) {
        return new Insets(Length.px(upright), Length.px(across), Length.px(upright), Length.px(across));
    }

    /** Above alone, px. */
    static Insets above(double top) {
        return new Insets(Length.px(top), Length.ZERO, Length.ZERO, Length.ZERO);
    }
}
