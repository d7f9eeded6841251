package com.keenreel.core.arrangement.grid;

import com.keenreel.core.space.JustifiedRows;
import com.keenreel.core.space.JustifiedRows.Row;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;

/**
 * Where rows of whole pictures break in one set-up. Breaks are held over at least an eighth of the width, so that
 * ranges are few: a stretch has the breaks that are best in its middle.
 */
final class FilledRows {
    /** From the start of one stretch to the start of the next: 23 at the most from {@link Widths#NARROWEST} to 2560 px. */
    private static final double STRETCH = 1.125;

    /** From here on breaks stay as they are, px. */
    private static final double WIDEST = 2560;

    /** The rows of each page, by the width from which they stand. */
    private final NavigableMap<Double, List<List<Row>>> byWidth = new TreeMap<>();

    /**
     * The rows of a set-up.
     *
     * @param span all its widths
     * @param pages the slides on each page
     * @param ratio of the picture of each slide, by its number
     * @param target height, px
     * @param gap px
     */
    FilledRows(Span span, List<Stop> pages, ToDoubleFunction<Integer> ratio, double target, double gap) {
        double from = span.from();
        double at = span.narrowest();
        List<List<Row>> former = List.of();
        while (at < span.below()) {
            double below = Math.min(Math.ceil(at * STRETCH), span.below());
            double middle = at >= WIDEST ? at : (at + Math.min(below, WIDEST)) / 2;
            List<List<Row>> rows = new ArrayList<>();
            for (Stop page : pages) {
                List<Double> ratios =
                        page.slides().stream().map(ratio::applyAsDouble).toList();
                rows.add(JustifiedRows.of(ratios, middle, target, gap));
            }
            if (!breaks(rows).equals(breaks(former))) {
                byWidth.put(from, rows);
                former = rows;
            }
            from = below;
            at = at >= WIDEST ? span.below() : below;
        }
    }

    private static List<List<Integer>> breaks(List<List<Row>> pages) {
        return pages.stream().map(rows -> rows.stream().map(Row::to).toList()).toList();
    }

    /** The widths from which rows break otherwise than below them, px. */
    List<Integer> starts() {
        return byWidth.keySet().stream().skip(1).map(Double::intValue).toList();
    }

    /** The rows of each page in widths that lie between two of them. */
    List<List<Row>> in(Span span) {
        return byWidth.floorEntry(span.from()).getValue();
    }
}
