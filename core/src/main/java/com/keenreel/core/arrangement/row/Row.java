package com.keenreel.core.arrangement.row;

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
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Whole slides side by side or one below another, which move by one. */
public final class Row implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final Set<Option<?>> ALL = Shared.together(
                Shared.together(Shared.SIDED, Shared.HEIGHTS), RowOptions.ALL, ShapeOptions.GAP, MotionOptions.VIDEO);
    }

    @Override
    public String word() {
        return "row";
    }

    @Override
    public String says() {
        return "slides side by side";
    }

    @Override
    public int place() {
        return 2;
    }

    @Override
    public String summary(Reel reel) {
        return "Row of " + RowPlaces.shown(reel, SetUp.DESK);
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public List<Option<?>> own() {
        return RowOptions.ALL;
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new RowPlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        Map<SetUp, Motion.ByPosition.Seam> seams = new EnumMap<>(SetUp.class);
        for (SetUp setUp : SetUp.values()) {
            if (RowPlaces.isRound(reel, setUp)) {
                seams.put(setUp, RowPlaces.seam(reel, setUp));
            }
        }
        return new Motion.ByPosition(
                reel.choices().get(MotionOptions.TRANSITION_TIME),
                reel.choices().get(MotionOptions.PACE),
                reel.choices().get(RowOptions.UPRIGHT),
                seams);
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        boolean round = Arrays.stream(SetUp.values()).anyMatch(setUp -> RowPlaces.isRound(reel, setUp));
        return Shared.lines(
                Shared.heights(reel),
                new Line(
                        Column.SHAPE,
                        "{row.shown} {row.upright}, {shape.gap} apart, with {row.part} of the next in sight."),
                Shared.byRatio(reel, "Each picture is {shape.ratio}."),
                new Line(Column.MOTION, "Moves {row.views} in {motion.time}, {motion.pace}."),
                Shared.videos(layout),
                new Line(Column.MOTION, !couldBeRound(reel), "After the last slide {row.endless}."),
                new Line(Column.SHAPE, !round, "The current slide stands {row.middle}."),
                new Line(
                        Column.SHAPE,
                        !(round && reel.choices().get(RowOptions.MIDDLE)),
                        "Neighbours of one in the middle are {row.paler} paler and {row.smaller} smaller."));
    }

    /** Whether there are slides enough to go round on some screen. */
    private static boolean couldBeRound(Reel reel) {
        return Arrays.stream(SetUp.values()).anyMatch(setUp -> RowPlaces.couldBeRound(reel, setUp));
    }

    @Override
    public List<Starter> starters() {
        Choices choices = Arrangements.usual(this)
                .with(ShapeOptions.WIDTH, null, new ReelWidth(1, 1200))
                .with(ShapeOptions.RATIO, null, new Ratio(1, 1))
                .with(RowOptions.SHOWN, null, 3)
                .with(RowOptions.SHOWN, SetUp.TABLET, 2)
                .with(RowOptions.SHOWN, SetUp.PHONE, 1)
                .with(RowOptions.PART, SetUp.TABLET, 25.0)
                .with(RowOptions.PART, SetUp.PHONE, 15.0)
                .with(ShapeOptions.GAP, SetUp.PHONE, 16.0)
                .with(SteeringOptions.ARROWS, SetUp.PHONE, false)
                .with(Options.WORDS_PLACE, null, WordsPlace.BELOW);
        return List.of(
                new Starter(2, "row", "Row", "several side by side", "product row", Slot.read("box 1200"), 1, choices));
    }
}
