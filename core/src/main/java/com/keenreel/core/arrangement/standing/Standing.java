package com.keenreel.core.arrangement.standing;

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
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words.Field;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.List;
import java.util.Set;

/** Each picture stays in the window while its words pass over it, as the page is scrolled. */
public final class Standing implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final Set<Option<?>> ALL = Shared.together(
                Shared.together(Shared.PICTURES, Shared.HEIGHTS),
                StandingOptions.ALL,
                ShapeOptions.GAP,
                Options.WORDS_TEXT,
                Options.WORDS_SIZE,
                Options.WORDS_GROUND,
                LookOptions.PANEL);
    }

    @Override
    public String word() {
        return "standing";
    }

    @Override
    public String says() {
        return "standing pictures";
    }

    @Override
    public int place() {
        return 8;
    }

    @Override
    public String summary(Reel reel) {
        return "Standing pictures";
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public List<Option<?>> own() {
        return StandingOptions.ALL;
    }

    @Override
    public boolean shows(Carries carried) {
        return !(carried instanceof Carries.Pair);
    }

    @Override
    public boolean tells(Field field) {
        return field != Field.ALT_BEFORE;
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new StandingPlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        return new Motion.ByScroll(List.of());
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        return Shared.lines(
                Shared.heights(reel),
                Shared.byRatio(reel, "Each picture is {shape.ratio}."),
                new Line(Column.SHAPE, "Sections stand {shape.gap} apart; a picture is shown {standing.again}."),
                new Line(
                        Column.MOTION,
                        "A picture stays for {standing.stays}, {standing.edge} below the window's edge."),
                new Line(Column.MOTION, "In a frame, and on a page that cannot let it stay, its words stand below it."),
                new Line(
                        Column.WORDS,
                        "Words pass over the picture {standing.side}, in {standing.panel}; titles stand {standing.headings}."),
                new Line(Column.WORDS, "Shown are {words.text}; titles grow to {words.size}."),
                new Line(Column.WORDS, "They stand on {look.panel}, {words.ground} dense."),
                new Line(
                        Column.WORDS,
                        !reel.choices().get(StandingOptions.HEADINGS),
                        "Titles above pictures are {look.ink}."),
                new Line(
                        Column.SLIDE,
                        "It stays for {standing.stays}, its words {standing.side}, and is shown {standing.again}."));
    }

    @Override
    public List<Starter> starters() {
        Choices choices = Arrangements.usual(this)
                .with(ShapeOptions.WIDTH, null, new ReelWidth(1, 1200))
                .with(ShapeOptions.RATIO, null, new Ratio(3, 2)) // about as high as a window
                .with(ShapeOptions.RATIO, SetUp.TABLET, new Ratio(1, 1))
                .with(ShapeOptions.RATIO, SetUp.PHONE, new Ratio(3, 5))
                .with(StandingOptions.PANEL, SetUp.PHONE, 100.0)
                .with(Options.WORDS_GROUND, null, 86.0);
        return List.of(new Starter(
                7,
                "standing",
                "Standing picture",
                "words pass over it",
                "a story told picture by picture",
                Slot.read("box 1200"),
                1,
                choices));
    }
}
