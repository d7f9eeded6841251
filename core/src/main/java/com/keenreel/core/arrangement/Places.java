package com.keenreel.core.arrangement;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Span;
import java.util.List;

/** Where everything of a reel stands in its arrangement: options in, boxes as lengths of the reel's width out. */
public interface Places {
    /**
     * The widths of the reel, rising whole px, from which something else stands in that set-up than below them; those
     * outside of it do not count. Few: {@link Layout#MOST_RANGES} is the most of all set-ups.
     */
    default List<Integer> breaks(SetUp setUp) {
        return List.of();
    }

    /** Everything in those widths, which lie between two neighbours of the breaks and the limits of the set-up. */
    Range lay(Span span);

    /** How many times its slides stand one after another, so that an endless band has no end in sight; else 1. */
    default int copies() {
        return 1;
    }

    /** The greatest width the arrangement fills, px; positive infinity for any. */
    default double widest() {
        return Double.POSITIVE_INFINITY;
    }
}
