package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Straight;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.util.StringUtils;

/**
 * All page widths on one line: which set-up holds where, and where the usual screens stand.
 *
 * @param stretches from the narrowest page to the widest
 * @param limits between two set-ups, where they can be moved
 * @param knots pages at which the reel's width turns, and how wide it is there, px: between two of them it goes straight
 */
record WidthLine(List<Stretch> stretches, List<Integer> usual, List<Limit> limits, List<double[]> knots) {
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

    /**
     * Where one set-up ends and the next begins.
     *
     * @param option that says so
     * @param page the first one of the next, px
     * @param width of the reel there, px
     * @param says such as "tablet begins at 600 px of the reel's width"
     */
    record Limit(Option<Double> option, int page, double width, String says) {
        public String key() {
            return option.key();
        }

        public Domain.Within domain() {
            return (Domain.Within) option.domain();
        }

        public String title() {
            return "Drag it, or turn it by arrow keys: " + says;
        }

        public String called() {
            return StringUtils.capitalize(option.means().name());
        }
    }

    /** The limits that some page reaches. */
    private static List<Limit> limits(Reel reel, List<Stretch> stretches) {
        List<Limit> limits = new ArrayList<>();
        for (int i = 1; i < stretches.size(); i++) {
            SetUp begins = SetUp.of(stretches.get(i).setUp());
            Option<Double> option = begins == SetUp.TABLET ? ShapeOptions.TABLET_FROM : ShapeOptions.DESK_FROM;
            double width = reel.limits().from(begins);
            String says = begins.word() + " begins at " + Numbers.plain(width) + " px of the reel's width";
            limits.add(new Limit(option, stretches.get(i).from(), width, says));
        }
        return limits;
    }

    private static List<double[]> knots(Length width) {
        List<double[]> knots = new ArrayList<>();
        knots.add(new double[] {FROM, width.at(FROM)});
        width.straight(FROM, TO).stream()
                .mapToDouble(Straight::below)
                .filter(page -> page > FROM && page < TO)
                .forEach(page -> knots.add(new double[] {page, width.at(page)}));
        knots.add(new double[] {TO, width.at(TO)});
        return knots;
    }

    /** "280 240 1240 1200": pages and widths in turn. */
    public String knotsSaid() {
        return knots.stream()
                .map(knot -> Numbers.plain(knot[0]) + " " + Numbers.plain(knot[1]))
                .collect(Collectors.joining(" "));
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
                        .toList(),
                limits(reel, stretches),
                knots(layout.widthInHost().over(slot)));
    }
}
