package com.keenreel.core.arrangement.marquee;

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
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Logos of one height on an endless band, which moves by itself at constant speed. */
public final class Marquee implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final Set<Option<?>> ALL = Shared.together(
                Shared.MOVES, MarqueeOptions.ALL, ShapeOptions.GAP, LookOptions.CORNERS, LookOptions.INKS);
    }

    @Override
    public String word() {
        return "marquee";
    }

    @Override
    public String says() {
        return "an endless band";
    }

    @Override
    public int place() {
        return 3;
    }

    @Override
    public String slides() {
        return "logos";
    }

    @Override
    public String summary(Reel reel) {
        return "Marquee of " + reel.slides().size() + " logos, "
                + Numbers.plain(reel.choices().get(MarqueeOptions.SPEED)) + " px/s";
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public List<Option<?>> own() {
        return MarqueeOptions.ALL;
    }

    @Override
    public boolean shows(Carries carried) {
        return !(carried instanceof Carries.Plain);
    }

    @Override
    public String keeps(Reel reel) {
        boolean pairs = reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair);
        String others = Arrangement.super.keeps(reel);
        String after = "of comparisons only the picture after is seen";
        return !pairs ? others : others.isEmpty() ? after : others + "; " + after;
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new MarqueePlaces(reel, facts);
    }

    @Override
    public Motion.ByTime motion(Reel reel) {
        Way way = reel.choices().get(MarqueeOptions.WAY);
        return new Motion.ByTime(reel.choices().get(MarqueeOptions.SPEED), way.onward(), way.upright(), pointed(reel));
    }

    /** How many times its speed a band has while it is pointed at. */
    private static double pointed(Reel reel) {
        return switch (reel.choices().get(MarqueeOptions.POINTED)) {
            case STOPS -> 0;
            case SLOWS -> 0.25;
            case GOES_ON -> 1;
        };
    }

    @Override
    public boolean movesByItself(Reel reel) {
        return !reel.slides().isEmpty();
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        Way way = reel.choices().get(MarqueeOptions.WAY);
        double lap = motion(reel).lapTime(layout.usual(SetUp.DESK).step().at(0)) / 1000;
        return List.of(
                new Line(Column.SHAPE, "Logos stand {marquee.height} high and {shape.gap} apart."),
                new Line(Column.SHAPE, !way.upright(), "A band that moves up or down is {marquee.tall} high."),
                new Line(Column.SHAPE, "They are {marquee.balanced}, their empty margins {marquee.trimmed}."),
                new Line(Column.MOTION, "The band moves {marquee.way} at {marquee.speed}, the same on every screen."),
                new Line(Column.MOTION, "A lap takes " + String.format(Locale.ROOT, "%.1f", lap) + " s on desk."),
                new Line(Column.MOTION, "It {marquee.pointed} while it is pointed at."),
                new Line(
                        Column.STEERING,
                        "Visitors stop it by a pause button beside it, or by reaching a logo with the keyboard."),
                new Line(Column.LOOK, "Logos are {look.inks}, with corners of {look.corners}."));
    }

    @Override
    public List<Starter> starters() {
        Choices choices = Arrangements.usual(this)
                .with(ShapeOptions.GAP, null, 56.0)
                .with(MarqueeOptions.HEIGHT, null, 56.0)
                .with(MarqueeOptions.HEIGHT, SetUp.PHONE, 40.0)
                .with(MarqueeOptions.BALANCED, null, true)
                .with(MarqueeOptions.TRIMMED, null, true);
        return List.of(new Starter(
                4,
                "marquee",
                "Marquee",
                "logos on an endless band",
                "logo marquee",
                Slot.read("box 1200"),
                1,
                choices));
    }
}
