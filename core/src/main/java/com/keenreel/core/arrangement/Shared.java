package com.keenreel.core.arrangement;

import com.keenreel.core.option.HeightKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Options that several arrangements have. */
public final class Shared {
    /** What every reel has. */
    public static final Set<Option<?>> EVERY = together(
            Set.of(),
            Arrangements.OPTION,
            ShapeOptions.WIDTH,
            ShapeOptions.ALIGNED,
            ShapeOptions.AROUND,
            ShapeOptions.HIDDEN,
            ShapeOptions.TABLET_FROM,
            ShapeOptions.DESK_FROM,
            LookOptions.SURROUND,
            MotionOptions.ENTRY,
            Options.LANGUAGE);

    /** What reels have whose pictures can be as high as is wanted, whatever their width. */
    public static final List<Option<?>> HEIGHTS = List.of(
            ShapeOptions.HEIGHT, ShapeOptions.FIXED, ShapeOptions.OF_WINDOW, ShapeOptions.LEAST, ShapeOptions.MOST);

    /** What every reel has in which something moves by itself, or can. */
    public static final Set<Option<?>> MOVES = together(
            EVERY,
            LookOptions.CONTROLS,
            LookOptions.CONTROLS_INK,
            LookOptions.CONTROLS_GROUND,
            LookOptions.CONTROLS_DENSE,
            Options.wording(Phrase.PAUSE),
            Options.wording(Phrase.PLAY));

    /** What cells have: pictures cropped to a ratio, and their words; dividers of comparisons may move by themselves. */
    public static final Set<Option<?>> CELLS = together(
            together(MOVES, PairOptions.all()),
            ShapeOptions.RATIO,
            ShapeOptions.FIT,
            Options.WORDS_PLACE,
            Options.WORDS_TEXT,
            Options.WORDS_GROUND,
            LookOptions.PANEL,
            Options.WORDS_POINTED,
            Options.TITLE_LINES,
            Options.TEXT_LINES,
            LookOptions.CORNERS,
            LookOptions.GROUND,
            LookOptions.BEHIND,
            LookOptions.BORDER,
            LookOptions.BORDER_COLOUR,
            LookOptions.SHADOW,
            LookOptions.SHADOW_STRENGTH,
            LookOptions.INK,
            SteeringOptions.ANYWHERE,
            Options.wording(Phrase.SLIDE),
            Options.wording(Phrase.POSITION),
            Options.wording(Phrase.DIVIDER),
            Options.wording(Phrase.FADER),
            Options.wording(Phrase.SWITCH));

    /** What reels have that show pictures in an order of their own: words stand where those say. */
    public static final Set<Option<?>> PICTURES = pictures();

    /** What reels with stops have. */
    public static final Set<Option<?>> STOPS = stops();

    /** The same where arrows can stand at the sides of what moves, and thumbnails on its edges. */
    public static final Set<Option<?>> SIDED = together(STOPS, ThumbOptions.all(), SteeringOptions.ARROWS_PLACE);

    private Shared() {}

    private static Set<Option<?>> pictures() {
        Set<Option<?>> options = new LinkedHashSet<>(together(
                EVERY,
                ShapeOptions.RATIO,
                ShapeOptions.FIT,
                LookOptions.CORNERS,
                LookOptions.GROUND,
                LookOptions.BEHIND,
                LookOptions.BORDER,
                LookOptions.BORDER_COLOUR,
                LookOptions.INK,
                SteeringOptions.ANYWHERE,
                SteeringOptions.LARGER,
                SteeringOptions.ADDRESSED));
        for (Phrase phrase : Phrase.values()) {
            if (phrase.isOfLargerView() || phrase == Phrase.SLIDE || phrase == Phrase.POSITION) {
                options.add(Options.wording(phrase));
            }
        }
        return Set.copyOf(options);
    }

    private static Set<Option<?>> stops() {
        Set<Option<?>> options = new LinkedHashSet<>(together(
                CELLS,
                SteeringOptions.LARGER,
                SteeringOptions.ADDRESSED,
                MotionOptions.TRANSITION_TIME,
                MotionOptions.PACE,
                MotionOptions.HOLD,
                MotionOptions.AUTOPLAY,
                MotionOptions.COURSE,
                MotionOptions.LAPS,
                MotionOptions.END,
                MotionOptions.DELAY,
                MotionOptions.REST,
                MotionOptions.POINTED,
                SteeringOptions.ARROWS,
                SteeringOptions.ARROWS_FORM,
                SteeringOptions.ARROWS_ONWARD,
                SteeringOptions.ARROWS_BACK,
                SteeringOptions.ARROWS_SIZE,
                SteeringOptions.ARROWS_SHOWN,
                SteeringOptions.DOTS,
                SteeringOptions.MARKS,
                SteeringOptions.SWIPE,
                SteeringOptions.WHEEL,
                SteeringOptions.SCREEN,
                SteeringOptions.FITS,
                SteeringOptions.KEYS,
                SteeringOptions.ONLY_PAUSED,
                MotionOptions.ANEW));
        for (Phrase phrase : Phrase.values()) {
            options.add(Options.wording(phrase));
        }
        return Set.copyOf(options);
    }

    /** Those options together with an arrangement's own, and some more. */
    public static Set<Option<?>> together(Set<Option<?>> some, List<Option<?>> own, Option<?>... more) {
        Set<Option<?>> all = new LinkedHashSet<>(some);
        all.addAll(own);
        return together(all, more);
    }

    /**
     * A sentence about the ratio, which has no effect where heights go by something else on every screen.
     *
     * @param text with "{shape.ratio}" in it
     */
    public static Line byRatio(Reel reel, String text) {
        return by(reel, HeightKind.RATIO, text);
    }

    /** What is said of videos where they are played. */
    public static Line videos(Layout layout) {
        return new Line(Line.Column.MOTION, !layout.hasVideos(), "Videos {motion.video}.");
    }

    /** Those lines, and more. */
    public static List<Line> lines(List<Line> more, Line... own) {
        List<Line> all = new ArrayList<>(List.of(own));
        all.addAll(more);
        return all;
    }

    /** What is said of heights where pictures can be as high as is wanted. */
    public static List<Line> heights(Reel reel) {
        return List.of(
                new Line(Line.Column.SHAPE, "Its height goes {shape.height}."),
                by(reel, HeightKind.FIXED, "Where it is fixed, pictures are {shape.fixed} high."),
                by(reel, HeightKind.WINDOW, "Where it goes by the window, pictures take {shape.window} of that."),
                new Line(Line.Column.SHAPE, "Pictures are at least {shape.least} and at most {shape.most} high."));
    }

    /** A sentence that has an effect where heights go by that on some screen. */
    private static Line by(Reel reel, HeightKind kind, String text) {
        boolean any =
                Arrays.stream(SetUp.values()).anyMatch(setUp -> reel.choices().get(ShapeOptions.HEIGHT, setUp) == kind);
        return new Line(Line.Column.SHAPE, !any, text);
    }

    /** Those options together with some more. */
    public static Set<Option<?>> together(Set<Option<?>> some, Option<?>... more) {
        Set<Option<?>> all = new LinkedHashSet<>(some);
        all.addAll(List.of(more));
        return Set.copyOf(all);
    }
}
