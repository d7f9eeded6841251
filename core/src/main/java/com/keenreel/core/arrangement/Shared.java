package com.keenreel.core.arrangement;

import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Options that several arrangements have. */
public final class Shared {
    /** What every reel has. */
    public static final Set<Option<?>> EVERY =
            together(Set.of(), Arrangements.OPTION, Options.WIDTH, Options.ALIGNED, Options.LANGUAGE);

    /** What every reel has in which something moves by itself, or can. */
    public static final Set<Option<?>> MOVES =
            together(EVERY, Options.CONTROLS, Options.wording(Phrase.PAUSE), Options.wording(Phrase.PLAY));

    /** What cells have: pictures cropped to a ratio, and their words. */
    public static final Set<Option<?>> CELLS = together(
            EVERY,
            Options.RATIO,
            Options.FIT,
            Options.WORDS_PLACE,
            Options.WORDS_TEXT,
            Options.WORDS_GROUND,
            Options.TITLE_LINES,
            Options.TEXT_LINES,
            Options.CORNERS,
            Options.GROUND,
            Options.INK,
            Options.ANYWHERE,
            Options.wording(Phrase.SLIDE),
            Options.wording(Phrase.POSITION),
            Options.wording(Phrase.DIVIDER));

    /** What reels with stops have. */
    public static final Set<Option<?>> STOPS = stops();

    private Shared() {}

    private static Set<Option<?>> stops() {
        Set<Option<?>> options = new LinkedHashSet<>(MOVES);
        options.addAll(together(
                CELLS,
                Options.LARGER,
                Options.TRANSITION_TIME,
                Options.HOLD,
                Options.AUTOPLAY,
                Options.ARROWS,
                Options.DOTS,
                Options.SWIPE,
                Options.KEYS,
                Options.ANEW));
        for (Phrase phrase : Phrase.values()) {
            options.add(Options.wording(phrase));
        }
        return Set.copyOf(options);
    }

    /** Those options together with some more. */
    public static Set<Option<?>> together(Set<Option<?>> some, Option<?>... more) {
        Set<Option<?>> all = new LinkedHashSet<>(some);
        all.addAll(List.of(more));
        return Set.copyOf(all);
    }
}
