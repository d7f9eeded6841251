package com.keenreel.core.arrangement.wordrows;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Scrolled;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import com.keenreel.core.space.Type;
import java.util.ArrayList;
import java.util.List;

/**
 * Words of size s, each as wide as its letters, 0.4 s apart, in rows of 1.2 s. A row that is L long moves from its start to W - L, so
 * that all of it is seen on the way, and every other row the other way round. A word's picture is w wide, but never higher than
 * all rows, and stands in the room that it leaves, in proportion.
 */
final class WordRowsPlaces implements Places {
    /** From one row to the next, in sizes. */
    private static final double LINE = 1.2;

    /** Between two words, in sizes. */
    private static final double BETWEEN = 0.4;

    /** How thick a line between rows is, px. */
    private static final double RULE = 1;

    private final Reel reel;
    private final Facts facts;

    WordRowsPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        Choices choices = reel.choices();
        double chosen = choices.get(WordRowsOptions.SIZE, setUp);
        List<Double> widths = new ArrayList<>(); // in sizes
        for (int n = 1; n <= reel.slides().size(); n++) {
            String word = facts.said(reel.slides().get(n - 1)).word(n);
            widths.add(facts.type().of(word, true, chosen) / chosen);
        }
        List<Integer> starts = EvenRows.of(widths, BETWEEN, choices.get(WordRowsOptions.ROWS, setUp));
        boolean shifts = choices.get(WordRowsOptions.SHIFTS);
        double longest = 0;
        for (int row = 0; row < starts.size(); row++) {
            longest = Math.max(longest, length(widths, starts, row));
        }
        Length size = shifts || longest == 0
                ? Length.px(chosen)
                : Length.min(Length.px(chosen), Length.WIDTH.dividedBy(longest));
        Length line = size.times(LINE);
        Length gap = Length.px(choices.get(ShapeOptions.GAP, setUp));
        Length below = line.plus(gap);
        Length height = below.times(Math.max(1, starts.size())).minus(gap);
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        Box all = Box.all(Length.WIDTH, height);
        List<Placed> slides = new ArrayList<>();
        List<Placed> rules = new ArrayList<>();
        for (int row = 0; row < starts.size(); row++) {
            Length down = below.times(row);
            if (row > 0 && choices.get(WordRowsOptions.LINES)) {
                Length middle = down.minus(gap.dividedBy(2)).minus(RULE / 2);
                rules.add(Placed.of(Part.line(row), new Box(Length.ZERO, middle, Length.WIDTH, Length.px(RULE))));
            }
            Length spare = Length.WIDTH.minus(size.times(length(widths, starts, row)));
            Scrolled scrolled =
                    row % 2 == 0 ? new Scrolled.Shifts(Length.ZERO, spare) : new Scrolled.Shifts(spare, Length.ZERO);
            double left = 0;
            int next = row + 1 < starts.size() ? starts.get(row + 1) : widths.size();
            for (int i = starts.get(row); i < next; i++) {
                Box place = new Box(size.times(left), down, size.times(widths.get(i)), line);
                Placed word = boxes.word(i + 1, place, new Type(size, line));
                Placed picture = picture(i + 1, reel.slides().get(i), setUp, height, boxes);
                slides.add(Placed.of(
                        Part.slide(i + 1), all, List.of(shifts ? word.scrolling(scrolled) : word, picture.unseen())));
                left += widths.get(i) + BETWEEN;
            }
        }
        List<Placed> inside = new ArrayList<>(rules);
        inside.add(Placed.of(Part.STRIP, all, slides));
        Placed frame = Placed.of(Part.FRAME, all, List.of(Placed.clipping(Part.VIEW, all, inside)));
        return new Range(span, frame, Stop.all(reel.slides().size()), Length.ZERO, Length.ZERO);
    }

    /** How long a row is, in sizes. */
    private static double length(List<Double> widths, List<Integer> starts, int row) {
        int next = row + 1 < starts.size() ? starts.get(row + 1) : widths.size();
        double sum = 0;
        for (int i = starts.get(row); i < next; i++) {
            sum += widths.get(i) + (i > starts.get(row) ? BETWEEN : 0);
        }
        return sum;
    }

    private Placed picture(int n, Slide slide, SetUp setUp, Length height, SlideBoxes boxes) {
        Choices choices = reel.choices();
        double ratio = choices.get(ShapeOptions.RATIO, setUp).value();
        Length wanted = Length.WIDTH.times(slide.chosen(WordRowsOptions.PICTURE, setUp, choices) / 100);
        Length width = Length.min(wanted, height.times(ratio));
        Length high = width.dividedBy(ratio);
        Length left = Length.WIDTH.minus(width).times(slide.chosen(WordRowsOptions.ACROSS, setUp, choices) / 100);
        Length top = height.minus(high).times(slide.chosen(WordRowsOptions.DOWN, setUp, choices) / 100);
        return boxes.picture(n, slide, new Box(left, top, width, high));
    }
}
