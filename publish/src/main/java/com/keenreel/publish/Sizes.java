package com.keenreel.publish;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Straight;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** How wide a picture is drawn, as {@code sizes} says it: in the window's width, for the slot it is pasted into. */
final class Sizes {
    private static final Comparator<Part> IN_ORDER =
            Comparator.comparing(Part::what).thenComparing(Part::which);

    private final Layout layout;
    private final Slot slot;
    private final Map<Span, Map<Part, Placed>> parts = new LinkedHashMap<>(); // by rising width
    private final Map<Integer, Set<Part>> ofSlides = new HashMap<>(); // the pictures of each slide, in a fixed order
    private final Map<List<Length>, String> known = new HashMap<>(); // by the width in each range: most are alike

    Sizes(Layout layout, Slot slot) {
        this.layout = layout;
        this.slot = slot;
        for (Range range : layout.ranges()) {
            Map<Part, Placed> own = new HashMap<>();
            range.frame().all().filter(placed -> placed.part().isPicture()).forEach(placed -> {
                own.put(placed.part(), placed);
                ofSlides.computeIfAbsent(placed.part().number(), any -> new TreeSet<>(IN_ORDER))
                        .add(placed.part());
            });
            parts.put(range.span(), own);
        }
    }

    /** How wide thumbnails are anywhere, px. */
    double ofThumbs() {
        return layout.ranges().stream()
                .flatMap(range -> range.frame().boxOf(Part.thumb(1)).stream())
                .mapToDouble(box -> box.width().at(0))
                .max()
                .orElse(0);
    }

    /** The {@code sizes} of the first picture of a reel that has the whole window. */
    static String ofFirst(Material material) {
        boolean pair = material.reel().slides().get(0).carries() instanceof Carries.Pair;
        Layout layout = Layout.of(material.reel(), material.facts());
        return new Sizes(layout, Slot.FULL).of(pair ? Part.picture(1, Side.AFTER) : Part.picture(1));
    }

    /**
     * The {@code sizes} of that part: a media condition for each stretch of window widths in which it is a straight line,
     * because WebKit knows no min(), max() and clamp() there and takes the whole window instead.
     */
    String of(Part part) {
        List<Length> widths = new ArrayList<>();
        for (Map<Part, Placed> own : parts.values()) {
            Placed found = own.get(part);
            widths.add(found == null ? Length.ZERO : found.box().width());
        }
        return known.computeIfAbsent(widths, any -> calculated(part));
    }

    /** The same of every picture of that slide, as one text. */
    String ofSlide(int n) {
        StringBuilder all = new StringBuilder();
        ofSlides.getOrDefault(n, Set.of())
                .forEach(part -> all.append(part.css()).append(of(part)));
        return all.toString();
    }

    private String calculated(Part part) {
        NavigableMap<Double, String> stretches = new TreeMap<>(); // by the first width that is not in them
        double from = 0;
        for (Map.Entry<Span, Map<Part, Placed>> range : parts.entrySet()) {
            Placed found = range.getValue().get(part);
            double until = pageFor(layout.hostBelow(range.getKey()));
            if (found == null || until <= from) {
                continue;
            }
            Length width = found.box().width().over(layout.widthInHost()).over(Widths.slot(slot));
            for (Straight stretch : width.straight(from, until)) {
                String size = stretch.line().css(Length.Base.VW);
                if (!stretches.isEmpty() && stretches.lastEntry().getValue().equals(size)) {
                    stretches.pollLastEntry();
                }
                stretches.put(stretch.below(), size);
            }
            from = until;
        }
        StringBuilder text = new StringBuilder();
        stretches.forEach((below, size) -> {
            text.append(text.isEmpty() ? "" : ", ");
            if (!Double.isInfinite(below)) {
                text.append("(max-width: ").append(Numbers.plain(below - 0.02)).append("px) ");
            }
            text.append(size);
        });
        return text.isEmpty() ? "100vw" : text.toString();
    }

    /** The least page width at which the slot is that wide. */
    private double pageFor(double slotWidth) {
        return switch (slot.kind()) {
            case FULL -> slotWidth;
            case BOX, COLUMN -> slotWidth > slot.size() ? Double.POSITIVE_INFINITY : slotWidth + 2 * Slot.MARGIN;
        };
    }
}
