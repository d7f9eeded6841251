package com.keenreel.core.space;

import com.keenreel.core.option.SetUp;
import java.util.List;

/** One arrangement: options in, boxes as lengths of the reel's width out. */
interface Arranging {
    /** Everything in the frame, at the first moment of that set-up. */
    Placed frame(SetUp setUp);

    /** How many stops a visitor can go to. */
    int stops(SetUp setUp);

    /** How far the strip moves from one stop to the next, or in one lap of an endless band. */
    Length step(SetUp setUp);

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
