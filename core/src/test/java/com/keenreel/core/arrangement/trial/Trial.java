package com.keenreel.core.arrangement.trial;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Line.Column;
import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Shared;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Easing;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Piece;
import com.keenreel.core.time.Piece.On;
import com.keenreel.core.time.Pose;
import java.util.List;
import java.util.Set;

/** Cells in columns, which turn while the page is scrolled. */
public final class Trial implements Arrangement {
    public static final Option<Integer> SPAN = new Option<>(
            "trial.span",
            Meaning.of("span", "How many columns a cell spans.", "wide"),
            new Count(1, 2),
            1,
            Scope.SET_UP,
            Scope.SLIDE);

    public static final Option<Double> TURN = new Option<>(
            "trial.turn",
            Meaning.of("turn", "How far cells turn while the page is scrolled.", "angle"),
            new Within(-30, 30, 1, "degrees"),
            12.0);

    private static final class Has {
        static final Set<Option<?>> ALL = Shared.together(Shared.CELLS, ShapeOptions.GAP, SPAN, TURN);
    }

    @Override
    public String word() {
        return "trial";
    }

    @Override
    public String says() {
        return "cells in columns";
    }

    @Override
    public int place() {
        return 99;
    }

    @Override
    public String summary(Reel reel) {
        return "Columns";
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public List<Option<?>> own() {
        return List.of(SPAN, TURN);
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new TrialPlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        Pose end = new Pose(0, -0.25, 1).turned(reel.choices().get(TURN));
        return new Motion.ByScroll(
                List.of(new Piece(On.EACH, 0, Motion.ByScroll.WHOLE, Easing.LINEAR, Pose.STANDING, end)));
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        return List.of(
                new Line(Column.SHAPE, "Cells of {shape.ratio} stand {shape.gap} apart and span {trial.span}."),
                new Line(Column.MOTION, "They turn by {trial.turn}."),
                new Line(Column.SLIDE, "Spans {trial.span}."));
    }

    @Override
    public List<Starter> starters() {
        return List.of();
    }
}
