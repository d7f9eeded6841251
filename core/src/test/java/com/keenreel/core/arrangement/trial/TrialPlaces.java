package com.keenreel.core.arrangement.trial;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Clear;
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

/** With c columns and gap g a column is (W - (c - 1) g) / c wide; a cell of two columns has the gap between them too. */
final class TrialPlaces implements Places {
    private final Reel reel;
    private final Facts facts;

    TrialPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    @Override
    public List<Integer> breaks(SetUp setUp) {
        return setUp == SetUp.DESK ? List.of(1201, 1600) : List.of();
    }

    private static int columns(Span span) {
        return switch (span.setUp()) {
            case PHONE -> 1;
            case TABLET -> 2;
            case DESK -> span.from() < 1201 ? 3 : span.from() < 1600 ? 4 : 5;
        };
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        int columns = columns(span);
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        double chosen = reel.choices().get(ShapeOptions.GAP, setUp);
        Length gap = Length.min(Length.px(chosen), Length.WIDTH.dividedBy(4 * columns));
        Length column = Length.WIDTH.minus(gap.times(columns - 1)).dividedBy(columns);
        Length picture =
                column.dividedBy(reel.choices().get(ShapeOptions.RATIO, setUp).value());
        Length height = picture.plus(boxes.reserved());
        List<Placed> slides = new ArrayList<>();
        int across = 0;
        int down = 0;
        for (Slide slide : reel.slides()) {
            int spans = Math.min(columns, slide.chosen(Trial.SPAN, setUp, reel.choices()));
            if (across + spans > columns) {
                across = 0;
                down++;
            }
            Length width = column.times(spans).plus(gap.times(spans - 1));
            Box box = new Box(column.plus(gap).times(across), height.plus(gap).times(down), width, height);
            int n = slides.size() + 1;
            slides.add(Placed.of(Part.slide(n), box, boxes.in(n, slide, width, picture, Clear.OF_NOTHING)));
            across += spans;
        }
        Box all = Box.all(Length.WIDTH, height.plus(gap).times(down + 1).minus(gap));
        Placed frame = Placed.of(
                Part.FRAME, all, List.of(Placed.clipping(Part.VIEW, all, List.of(Placed.of(Part.STRIP, all, slides)))));
        return new Range(span, frame, Stop.all(reel.slides().size()), Length.ZERO, gap);
    }
}
