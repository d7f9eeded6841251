package com.keenreel.core.arrangement.depth;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Line.Column;
import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Shared;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Stance;
import com.keenreel.core.time.Motion;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The current slide in front, its neighbours turned and receding on both sides. */
public final class Depth implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final List<Option<?>> OWN = List.of(
                DepthOptions.NEIGHBOURS,
                DepthOptions.OVERLAP,
                DepthOptions.TURN,
                DepthOptions.SHRINK,
                DepthOptions.FADE,
                DepthOptions.ENDLESS);
        static final Set<Option<?>> ALL = Shared.together(
                Shared.SIDED, OWN, LookOptions.REFLECTION, LookOptions.REFLECTION_LENGTH, LookOptions.REFLECTION_GAP);
    }

    @Override
    public String word() {
        return "depth";
    }

    @Override
    public String says() {
        return "slides in depth";
    }

    @Override
    public int place() {
        return 6;
    }

    @Override
    public String summary(Reel reel) {
        return "Depth, " + reel.choices().get(DepthOptions.NEIGHBOURS, SetUp.DESK) + " on each side";
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
    public Places places(Reel reel, Facts facts) {
        return new DepthPlaces(reel, facts);
    }

    @Override
    public Motion.ByDistance motion(Reel reel) {
        return movesLike(reel);
    }

    /** How its slides stand by their distance from the stop. */
    static Motion.ByDistance movesLike(Reel reel) {
        Map<SetUp, List<Stance>> stances = new EnumMap<>(SetUp.class);
        for (SetUp setUp : SetUp.values()) {
            stances.put(setUp, Stances.of(reel.choices(), setUp, reel.slides().size()));
        }
        return new Motion.ByDistance(
                reel.choices().get(MotionOptions.TRANSITION_TIME),
                reel.choices().get(MotionOptions.PACE),
                stances,
                reel.choices().get(DepthOptions.ENDLESS));
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        boolean reflects = reel.choices().get(LookOptions.REFLECTION) > 0;
        List<Line> lines = new ArrayList<>();
        lines.add(new Line(
                Column.SHAPE,
                "Each picture is {shape.ratio}; {depth.neighbours} of its neighbours stand behind it on each side."));
        lines.add(new Line(
                Column.SHAPE,
                "They overlap by {depth.overlap}, are turned by {depth.turn}, and each is {depth.shrink} smaller and"
                        + " {depth.fade} paler than the one before it."));
        lines.add(new Line(
                Column.MOTION, "The next one comes to the front in {motion.time}, {motion.pace}; {depth.endless}."));
        lines.add(new Line(Column.STEERING, "A press on a neighbour brings it to the front."));
        lines.add(new Line(Column.LOOK, "Pictures are reflected by {look.reflection}."));
        String fades = "{look.reflection-length} of their height, {look.reflection-gap} below them.";
        lines.add(
                reflects
                        ? new Line(Column.LOOK, "The reflection fades out over " + fades)
                        : Line.idle(Column.LOOK, "A reflection would fade out over " + fades));
        return lines;
    }

    @Override
    public List<Starter> starters() {
        Choices choices = Arrangements.usual(this)
                .with(ShapeOptions.RATIO, null, new Ratio(3, 2))
                .with(ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5))
                .with(DepthOptions.NEIGHBOURS, SetUp.PHONE, 1)
                .with(DepthOptions.OVERLAP, SetUp.PHONE, 70.0)
                .with(LookOptions.REFLECTION, null, 35.0)
                .with(SteeringOptions.ARROWS, SetUp.PHONE, false);
        return List.of(new Starter(
                6, "depth", "Depth", "one in front of its neighbours", "showcase", Slot.read("box 1200"), 1, choices));
    }
}
