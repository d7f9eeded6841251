package com.keenreel.core.arrangement.grid;

import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Clear;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.JustifiedRows.Row;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.SlideBoxes;
import com.keenreel.core.space.Span;
import com.keenreel.core.space.Stop;
import com.keenreel.core.space.Widths;
import com.keenreel.core.steering.Around;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * With c columns and gap g a cell is (W - (c - 1) g) / c wide; slides of several cells have the gaps between them too. Rows
 * of whole pictures are (W - (m - 1) g) / sum(ratios) high. Pages stand side by side, a gap apart, all as high as the highest.
 */
final class GridPlaces implements Places {
    private final Reel reel;
    private final Facts facts;
    private final Choices choices;
    private final Map<SetUp, FilledRows> rows = new EnumMap<>(SetUp.class);

    GridPlaces(Reel reel, Facts facts) {
        this.reel = reel;
        this.facts = facts;
        this.choices = reel.choices();
        if (choices.get(GridOptions.CELLS) == Cells.ROWS) {
            for (SetUp setUp : SetUp.values()) {
                Span span = new Span(reel.limits().from(setUp), reel.limits().below(setUp), setUp);
                double target = choices.get(GridOptions.HEIGHT, setUp);
                double gap = choices.get(ShapeOptions.GAP, setUp);
                rows.put(setUp, new FilledRows(span, pages(setUp), n -> ratio(n, setUp), target, gap));
            }
        }
    }

    private List<Stop> pages(SetUp setUp) {
        return Pages.of(reel.slides().size(), choices.get(GridOptions.PAGE, setUp));
    }

    /** The ratio of what a slide shows in a set-up; that of a cell where it is no picture. */
    private double ratio(int n, SetUp setUp) {
        Slide slide = reel.slides().get(n - 1);
        PictureId instead = slide.insteadOn(setUp);
        List<PictureId> pictures = instead == null ? slide.carries().pictures() : List.of(instead);
        return pictures.isEmpty()
                ? choices.get(ShapeOptions.RATIO, setUp).value()
                : facts.of(pictures.get(pictures.size() - 1)).ratio();
    }

    @Override
    public List<Integer> breaks(SetUp setUp) {
        FilledRows own = rows.get(setUp);
        return own == null ? List.of() : own.starts();
    }

    @Override
    public Range lay(Span span) {
        SetUp setUp = span.setUp();
        List<Stop> pages = pages(setUp);
        Length gap = gap(span);
        Length step = Length.WIDTH.plus(gap);
        SlideBoxes boxes = new SlideBoxes(reel, facts, setUp);
        List<Placed> slides = new ArrayList<>();
        Length height = Length.ZERO;
        FilledRows filled = rows.get(setUp);
        for (int page = 0; page < pages.size(); page++) {
            Length left = step.times(page);
            Length own = filled == null
                    ? equal(pages.get(page), span, left, gap, boxes, slides)
                    : filled(pages.get(page), filled.in(span).get(page), setUp, left, gap, boxes, slides);
            height = Length.max(height, own);
        }
        Box all = Box.all(Length.WIDTH, height);
        Placed view = Placed.clipping(Part.VIEW, all, List.of(Placed.of(Part.STRIP, all, slides)));
        // arrows stand in the line below, beside the numbers of the pages: on a cell they would hide a picture
        Placed frame = Around.withoutSides(reel, span, pages.size(), Playing.sweeps(reel))
                .controls(height, false)
                .frame(view);
        return new Range(span, frame, pages, step, gap);
    }

    private int columns(SetUp setUp) {
        return choices.get(GridOptions.COLUMNS, setUp);
    }

    /** As chosen, but never so much that all gaps of a row of equal cells take more than half of the width. */
    private Length gap(Span span) {
        double gap = choices.get(ShapeOptions.GAP, span.setUp());
        int columns = columns(span.setUp());
        boolean roomy = gap <= span.narrowest() / (2 * columns) && !Widths.mayBeNarrower(reel);
        boolean fits = rows.containsKey(span.setUp()) || roomy;
        return fits ? Length.px(gap) : Length.min(Length.px(gap), Length.WIDTH.dividedBy(2 * columns));
    }

    /** Places the slides of a page in equal cells, and says how high it is. */
    private Length equal(Stop page, Span span, Length left, Length gap, SlideBoxes boxes, List<Placed> slides) {
        SetUp setUp = span.setUp();
        int columns = columns(setUp);
        Length cell = Length.WIDTH.minus(gap.times(columns - 1)).dividedBy(columns);
        Length row = boxes.pictureHeight(cell).plus(boxes.reserved());
        Placing placing = new Placing(columns, choices.get(GridOptions.HOLES));
        for (int n : page.slides()) {
            Slide slide = reel.slides().get(n - 1);
            Placing.Cell taken = placing.take(slide.chosen(GridOptions.SPAN, setUp, choices));
            Length width = several(cell, taken.across(), gap);
            Length height = several(row, taken.down(), gap);
            Length x = left.plus(cell.plus(gap).times(taken.column()));
            Length y = row.plus(gap).times(taken.row());
            slides.add(slide(n, new Box(x, y, width, height), boxes));
        }
        return several(row, Math.max(1, placing.rows()), gap);
    }

    private static Length several(Length one, int count, Length gap) {
        return one.times(count).plus(gap.times(count - 1));
    }

    /** Places the slides of a page in rows of whole pictures, and says how high it is. */
    private Length filled(
            Stop page, List<Row> rows, SetUp setUp, Length left, Length gap, SlideBoxes boxes, List<Placed> slides) {
        Length y = Length.ZERO;
        int first = page.slides().isEmpty() ? 1 : page.slides().get(0);
        for (int i = 0; i < rows.size(); i++) {
            Row row = rows.get(i);
            double sum = 0;
            for (int n = first + row.from(); n < first + row.to(); n++) {
                sum += ratio(n, setUp);
            }
            Length full =
                    Length.WIDTH.minus(gap.times(row.to() - row.from() - 1)).dividedBy(sum);
            boolean last = i == rows.size() - 1;
            Length high = last ? Length.min(full, Length.px(choices.get(GridOptions.HEIGHT, setUp))) : full;
            Length x = left;
            Length height = high.plus(boxes.reserved());
            for (int n = first + row.from(); n < first + row.to(); n++) {
                Length width = high.times(ratio(n, setUp));
                slides.add(slide(n, new Box(x, y, width, height), boxes));
                x = x.plus(width).plus(gap);
            }
            y = y.plus(height).plus(last ? Length.ZERO : gap);
        }
        return y;
    }

    private Placed slide(int n, Box box, SlideBoxes boxes) {
        Length picture = box.height().minus(boxes.reserved());
        return Placed.of(
                Part.slide(n), box, boxes.in(n, reel.slides().get(n - 1), box.width(), picture, Clear.OF_NOTHING));
    }
}
