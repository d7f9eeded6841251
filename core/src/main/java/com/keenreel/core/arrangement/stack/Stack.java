package com.keenreel.core.arrangement.stack;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Line.Column;
import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.arrangement.Shared;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.List;
import java.util.Set;

/** All slides one below another, each with its words: they stand still, and nothing has to be steered. */
public final class Stack implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final Set<Option<?>> ALL =
                Shared.together(Shared.CELLS, Shared.HEIGHTS, ShapeOptions.GAP, MotionOptions.ENTERS);
    }

    @Override
    public String word() {
        return "stack";
    }

    @Override
    public String says() {
        return "all slides one below another";
    }

    @Override
    public int place() {
        return 4;
    }

    @Override
    public String summary(Reel reel) {
        return "Stack";
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new StackPlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        return new Motion.Still();
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        return Shared.lines(
                Shared.heights(reel),
                Shared.byRatio(reel, "Each picture is {shape.ratio}."),
                new Line(Column.SHAPE, "The next one stands {shape.gap} below."),
                new Line(
                        Column.MOTION,
                        Playing.sweeps(reel)
                                ? "Slides stand still; the page is scrolled through them."
                                : "Nothing moves; the page is scrolled through it."));
    }

    @Override
    public List<Starter> starters() {
        return List.of();
    }
}
