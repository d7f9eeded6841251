package com.keenreel.core.arrangement.grid;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Line.Column;
import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Shared;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.Spanning;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Many slides in sight, in cells or in rows of whole pictures; all at once, or page by page. */
public final class Grid implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final List<Option<?>> OWN = List.of(
                GridOptions.CELLS,
                GridOptions.COLUMNS,
                GridOptions.HEIGHT,
                GridOptions.SPAN,
                GridOptions.HOLES,
                GridOptions.PAGE);
        static final Set<Option<?>> ALL = Shared.together(
                Shared.together(Shared.STOPS, Shared.HEIGHTS), OWN, ShapeOptions.GAP, MotionOptions.ENTERS);
    }

    @Override
    public String word() {
        return "grid";
    }

    @Override
    public String says() {
        return "a grid";
    }

    @Override
    public int place() {
        return 5;
    }

    @Override
    public String summary(Reel reel) {
        return isFilled(reel) ? "Grid in rows" : "Grid of " + reel.choices().get(GridOptions.COLUMNS, SetUp.DESK);
    }

    private static boolean isFilled(Reel reel) {
        return reel.choices().get(GridOptions.CELLS) == Cells.ROWS;
    }

    private static boolean hasPages(Reel reel) {
        int slides = reel.slides().size();
        return Arrays.stream(SetUp.values())
                .map(setUp -> reel.choices().get(GridOptions.PAGE, setUp))
                .anyMatch(most -> most > 0 && most < slides);
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public List<Option<?>> own() {
        return Has.OWN;
    }

    @Override
    public @Nullable Option<Spanning> spanning(Reel reel) {
        return isFilled(reel) ? null : GridOptions.SPAN;
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new GridPlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        return hasPages(reel)
                ? new Motion.ByPosition(
                        reel.choices().get(MotionOptions.TRANSITION_TIME),
                        reel.choices().get(MotionOptions.PACE))
                : new Motion.Still();
    }

    @Override
    public boolean movesByItself(Reel reel) {
        return hasPages(reel) && reel.choices().get(MotionOptions.AUTOPLAY);
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        boolean filled = isFilled(reel);
        boolean pages = hasPages(reel);
        List<Line> lines = new ArrayList<>();
        lines.add(
                new Line(
                        Column.SHAPE,
                        filled
                                ? "It has {grid.cells}, about {grid.height} high, {shape.gap} apart."
                                : "It has {grid.cells} in {grid.columns} columns, {shape.gap} apart, each picture {shape.ratio}."));
        lines.add(
                filled
                        ? Line.idle(
                                Column.SHAPE,
                                "Equal cells would stand in {grid.columns} columns, each picture {shape.ratio}, each slide in"
                                        + " {grid.span}; holes would be {grid.holes}.")
                        : Line.idle(Column.SHAPE, "Rows of whole pictures would be about {grid.height} high."));
        Shared.heights(reel).forEach(line -> lines.add(filled ? Line.idle(line.column(), line.text()) : line));
        if (!filled) {
            lines.add(new Line(Column.SHAPE, "A slide takes {grid.span}; holes are {grid.holes}."));
            lines.add(new Line(Column.SLIDE, "Takes {grid.span}."));
        }
        lines.add(new Line(Column.MOTION, "Slides on a page: {grid.page}."));
        lines.add(
                pages
                        ? new Line(Column.MOTION, "Turns to another page in {motion.time}, {motion.pace}.")
                        : Line.idle(Column.MOTION, "With pages it would turn in {motion.time}, {motion.pace}."));
        if (pages) {
            lines.add(new Line(Column.STEERING, "The dots are the numbers of its pages."));
        }
        return lines;
    }

    @Override
    public List<Starter> starters() {
        Choices choices = Arrangements.usual(this)
                .with(ShapeOptions.WIDTH, null, new ReelWidth(1, 1200))
                .with(ShapeOptions.RATIO, null, new Ratio(1, 1))
                .with(GridOptions.COLUMNS, SetUp.PHONE, 2)
                .with(ShapeOptions.GAP, null, 16.0)
                .with(ShapeOptions.GAP, SetUp.PHONE, 8.0)
                .with(SteeringOptions.LARGER, null, true)
                .with(Options.WORDS_PLACE, null, WordsPlace.NOWHERE);
        return List.of(
                new Starter(5, "grid", "Grid", "many pictures at once", "gallery", Slot.read("box 1200"), 1, choices));
    }
}
