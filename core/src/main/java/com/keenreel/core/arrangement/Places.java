package com.keenreel.core.arrangement;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Placed;
import java.util.List;

/** Where everything of a reel stands in its arrangement: options in, boxes as lengths of the reel's width out. */
public interface Places {
    /** Everything in the frame, at the first moment of that set-up. */
    Placed frame(SetUp setUp);

    /** How many stops a visitor can go to. */
    int stops(SetUp setUp);

    /** How far the strip moves from one stop to the next, or in one lap of an endless band. */
    Length step(SetUp setUp);

    /** How many slides are in view whole at each stop. */
    default int shown(SetUp setUp) {
        return 1;
    }

    /** How many times its slides stand one after another, so that an endless band has no end in sight; else 1. */
    default int copies() {
        return 1;
    }

    /** The space between two slides that stand side by side. */
    default Length gap(SetUp setUp) {
        return Length.ZERO;
    }

    /** The numbers of slides that stand too narrow to be recognised. */
    default List<Integer> narrow(SetUp setUp) {
        return List.of();
    }

    /** The greatest width the arrangement fills; positive infinity for any. */
    default double widest() {
        return Double.POSITIVE_INFINITY;
    }
}
