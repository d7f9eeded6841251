package com.keenreel.core.arrangement.row;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Controls;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import java.util.ArrayList;
import java.util.List;

/**
 * Whole slides side by side. With n shown, gap g and the part p of the next one, an item is (W - (n - 1) g) / n wide
 * when p is 0, else (W - n g) / (n + p); N slides make N - n + 1 stops, so that the last one never shows a blank.
 */
final class RowPlaces implements Places {
    private final Reel reel;
    private final Facts facts;

    RowPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    /** How many whole slides are in view, 1 to 8. */
    static int shown(Reel reel, SetUp setUp) {
        return reel.choices().get(RowOptions.SHOWN, setUp);
    }

    /** How much of the next one is in view, 0 to 0.9. */
    private double part(SetUp setUp) {
        return reel.choices().get(RowOptions.PART, setUp) / 100;
    }

    /**
     * The space between two slides: as chosen, but never so much that all gaps together take more than half of the width.
     */
    private Length gap(Span span) {
        double gap = reel.choices().get(Options.GAP, span.setUp());
        int shown = shown(reel, span.setUp());
        Length chosen = Length.px(gap);
        return gap <= span.narrowest() / (2 * shown) ? chosen : Length.min(chosen, Length.WIDTH.dividedBy(2 * shown));
    }

    /** The width of one slide. */
    private Length item(SetUp setUp, Length gap) {
        int n = shown(reel, setUp);
        double part = part(setUp);
        return part == 0
                ? Length.WIDTH.minus(gap.times(n - 1)).dividedBy(n)
                : Length.WIDTH.minus(gap.times(n)).dividedBy(n + part);
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        Length gap = gap(span);
        Length item = item(setUp, gap);
        Length step = item.plus(gap);
        List<Stop> stops = Stop.every(shown(reel, setUp), reel.slides().size());
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Length picture = item.dividedBy(reel.choices().get(Options.RATIO, setUp).value());
        Length height = picture.plus(boxes.reserved());
        Controls controls = new Controls(reel, span, stops.size(), picture, false);

        List<Placed> slides = new ArrayList<>();
        for (int i = 0; i < reel.slides().size(); i++) {
            slides.add(Placed.of(
                    Part.slide(i + 1),
                    new Box(step.times(i), Length.ZERO, item, height),
                    boxes.in(i + 1, reel.slides().get(i), item, picture, false, Length.ZERO)));
        }
        List<Placed> inside = new ArrayList<>();
        Box view = Box.all(Length.WIDTH, height);
        inside.add(Placed.clipping(Part.VIEW, view, List.of(Placed.of(Part.STRIP, view, slides))));
        inside.addAll(controls.around(height));
        Placed frame = Placed.of(Part.FRAME, Box.all(Length.WIDTH, height.plus(controls.below())), inside);
        return new Range(span, frame, stops, step, gap);
    }
}
