package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * All page widths on one line: which set-up holds where, and where the usual screens stand.
 *
 * @param stretches from the narrowest page to the widest
 */
record WidthLine(List<Stretch> stretches, List<Integer> usual) {
    /** The narrowest page, px. */
    static final int FROM = 280;

    /** The widest page, px. */
    static final int TO = 2560;

    /**
     * A stretch of page widths in which one set-up holds.
     *
     * @param from the first of them, px
     * @param to the last of them, px
     */
    record Stretch(String setUp, int from, int to) {
        /** "below 600 px", "600 to 1023 px", "from 1024 px"; "at every width" where it always holds. */
        public String where() {
            if (from == FROM && to == TO) {
                return "at every width";
            }
            return (from == FROM ? "below " + (to + 1) : to == TO ? "from " + from : from + " to " + to) + " px";
        }
    }

    static WidthLine of(Reel reel, Layout layout) {
        Length slot = Widths.slot(reel.slot());
        List<Stretch> stretches = new ArrayList<>();
        int from = FROM;
        for (int page = FROM; page <= TO; page++) {
            SetUp here = layout.range(slot.at(page)).setUp();
            if (page == TO || layout.range(slot.at(page + 1)).setUp() != here) {
                stretches.add(new Stretch(here.word(), from, page));
                from = page + 1;
            }
        }
        return new WidthLine(
                stretches,
                Arrays.stream(SetUp.values())
                        .map(screen -> (int) screen.usualPage())
                        .toList());
    }
}
