package com.keenreel.core.arrangement.single;

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
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import com.keenreel.core.time.Motion.ByChange.Coming;
import java.util.List;
import java.util.Set;

/** Every slide has the whole frame, and gives way to the next by a transition. */
public final class Single implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final Set<Option<?>> ALL = Shared.together(
                Shared.SIDED,
                Shared.HEIGHTS,
                MotionOptions.TRANSITION,
                MotionOptions.LEAVING,
                MotionOptions.BETWEEN,
                MotionOptions.DRIFT,
                MotionOptions.VIDEO,
                Options.WORDS_SIZE);
    }

    @Override
    public String word() {
        return "single";
    }

    @Override
    public String says() {
        return "one slide at a time";
    }

    @Override
    public int place() {
        return 1;
    }

    @Override
    public String summary(Reel reel) {
        if (reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair)) {
            return "Comparison";
        }
        return movesByItself(reel) ? "Banner, one at a time" : "One at a time";
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new SinglePlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        return Motion.ByChange.of(
                reel.slides().stream()
                        .map(slide -> new Coming(
                                slide.chosen(MotionOptions.TRANSITION, reel.choices()),
                                slide.chosen(MotionOptions.LEAVING, reel.choices()),
                                slide.chosen(MotionOptions.TRANSITION_TIME, reel.choices()),
                                slide.chosen(MotionOptions.PACE, reel.choices())))
                        .toList(),
                reel.direction());
    }

    /** Whether a slide comes through a colour. */
    static boolean passesColour(Reel reel) {
        return reel.slides().stream()
                .anyMatch(slide -> slide.chosen(MotionOptions.TRANSITION, reel.choices()) == TransitionKind.COLOUR);
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        return Shared.lines(
                Shared.heights(reel),
                Shared.byRatio(reel, "Its frame is {shape.ratio}."),
                new Line(Column.MOTION, "Changes by {motion.transition} in {motion.time}, {motion.pace}."),
                new Line(Column.MOTION, "The slide before {motion.leaving}."),
                new Line(Column.MOTION, !movesByItself(reel), "While a slide stands, its pictures {motion.drift}."),
                Shared.videos(layout),
                new Line(Column.MOTION, !passesColour(reel), "The colour between slides is {motion.between}."),
                new Line(
                        Column.SLIDE,
                        "Comes by {motion.transition} in {motion.time}, {motion.pace}; the slide before {motion.leaving}."),
                new Line(Column.SLIDE, !movesByItself(reel), "While it stands, its pictures {motion.drift}."));
    }

    @Override
    public List<Starter> starters() {
        Choices banner = Arrangements.usual(this)
                .with(ShapeOptions.RATIO, null, new Ratio(12, 5))
                .with(ShapeOptions.RATIO, SetUp.TABLET, new Ratio(16, 9))
                .with(ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5))
                .with(MotionOptions.AUTOPLAY, null, true)
                .with(SteeringOptions.ARROWS, SetUp.PHONE, false);
        Choices comparison = Arrangements.usual(this)
                .with(ShapeOptions.WIDTH, null, new ReelWidth(1, 960))
                .with(ShapeOptions.RATIO, null, new Ratio(3, 2))
                .with(ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5))
                .with(MotionOptions.TRANSITION, null, TransitionKind.ALONG)
                .with(SteeringOptions.ARROWS, SetUp.PHONE, false)
                .with(Options.WORDS_PLACE, null, WordsPlace.BELOW);
        Slot box = Slot.read("box 1200");
        return List.of(
                new Starter(1, "banner", "Banner", "one message at a time", "front-page banner", Slot.FULL, 1, banner),
                new Starter(
                        3,
                        "comparison",
                        "Comparison",
                        "two pictures of one thing",
                        "before-after",
                        box,
                        2,
                        comparison));
    }
}
