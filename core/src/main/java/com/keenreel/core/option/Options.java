package com.keenreel.core.option;

import com.keenreel.core.option.Domain.Colours;
import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Languages;
import com.keenreel.core.option.Domain.Lasting;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Ratios;
import com.keenreel.core.option.Domain.Widths;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.Wording;
import com.keenreel.core.option.Domain.YesNo;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What can be chosen in several arrangements; what one has alone is declared with it. */
public final class Options {
    private static final Map<String, Option<?>> ALL = new LinkedHashMap<>();

    public static final Option<ReelWidth> WIDTH =
            option("shape.width", "How much of its slot the reel takes.", new Widths(), ReelWidth.FILLS);
    public static final Option<Aligned> ALIGNED = option(
            "shape.aligned",
            "Where it stands in a slot that is wider.",
            OneOf.of(Aligned.class, Aligned::say),
            Aligned.CENTRE);
    public static final Option<Ratio> RATIO = option(
            "shape.ratio",
            "Width to height of one slide's picture.",
            new Ratios(ratios("12:5", "16:9", "3:2", "4:3", "1:1", "4:5", "2:3")),
            new Ratio(16, 9),
            Scope.SET_UP);
    public static final Option<FitKind> FIT = option(
            "shape.fit",
            "How a picture meets its frame; nothing is ever stretched.",
            OneOf.of(FitKind.class, FitKind::say),
            FitKind.FILL,
            Scope.SET_UP,
            Scope.SLIDE);
    public static final Option<Double> GAP =
            option("shape.gap", "The space between two slides.", new Within(0, 160, 4, "px"), 24.0, Scope.SET_UP);

    public static final Option<TransitionKind> TRANSITION = option(
            "motion.transition",
            "How one slide gives way to the next.",
            OneOf.of(TransitionKind.class, TransitionKind::say),
            TransitionKind.CROSSFADE,
            Scope.SLIDE);

    /** In ms. */
    public static final Option<Long> TRANSITION_TIME =
            option("motion.time", "How long the change takes.", new Lasting(0.1, 5, 0.1), 800L, Scope.SLIDE);

    /** In ms. */
    public static final Option<Long> HOLD = option(
            "motion.hold", "How long a slide stands that has no hold of its own.", new Lasting(0.5, 120, 0.5), 5000L);

    public static final Option<Boolean> AUTOPLAY = option(
            "motion.autoplay",
            "Whether it moves on without being asked; visitors always get a pause button.",
            new YesNo("by itself", "only when asked"),
            false);

    public static final Option<Boolean> ARROWS = option(
            "steering.arrows",
            "Arrows at the sides of the picture.",
            new YesNo("arrows", "no arrows"),
            true,
            Scope.SET_UP);
    public static final Option<Boolean> DOTS =
            option("steering.dots", "A dot for each stop.", new YesNo("dots", "no dots"), true, Scope.SET_UP);
    public static final Option<Boolean> SWIPE =
            option("steering.swipe", "Moving by a finger or a dragged pointer.", new YesNo("swipe", "no swipe"), true);
    public static final Option<Boolean> KEYS =
            option("steering.keys", "Arrow keys while focus is inside the reel.", new YesNo("keys", "no keys"), true);

    public static final Option<WordsPlace> WORDS_PLACE = option(
            "words.place",
            "Where a slide's words stand.",
            OneOf.of(WordsPlace.class, WordsPlace::say),
            WordsPlace.LOWER_LEFT,
            Scope.SET_UP,
            Scope.SLIDE);
    public static final Option<Boolean> WORDS_TEXT = option(
            "words.text",
            "Whether the text is shown beside title and button.",
            new YesNo("title, text and button", "title and button"),
            true,
            Scope.SET_UP);
    public static final Option<Double> WORDS_SIZE = option(
            "words.size",
            "The greatest size of a title over the picture; it shrinks with the reel, to 18 px at the least.",
            new Within(18, 45, 1, "px"),
            30.0,
            Scope.SET_UP);
    public static final Option<Double> WORDS_GROUND = option(
            "words.ground", "How dense the ground under words on a picture is.", new Within(0, 100, 1, "%"), 62.0);
    public static final Option<Integer> TITLE_LINES = option(
            "words.title-lines",
            "Lines kept for titles below the picture, so that all slides are equally high.",
            new Count(0, 4),
            1,
            Scope.SET_UP);
    public static final Option<Integer> TEXT_LINES = option(
            "words.text-lines",
            "Lines kept for text below the picture, so that all slides are equally high.",
            new Count(0, 8),
            2,
            Scope.SET_UP);

    public static final Option<ControlsLook> CONTROLS = option(
            "look.controls",
            "Arrows, dots and pause.",
            OneOf.of(ControlsLook.class, ControlsLook::say),
            ControlsLook.WHITE_ON_DARK);
    public static final Option<Double> CORNERS =
            option("look.corners", "How round the corners of pictures are.", new Within(0, 40, 1, "px"), 0.0);
    public static final Option<Colour> GROUND = option(
            "look.ground", "The colour behind pictures and plain slides' words.", new Colours(), new Colour("#16241e"));
    public static final Option<Colour> INK =
            option("look.ink", "The colour of words below the picture.", new Colours(), new Colour("#16241e"));

    public static final Option<Boolean> ANYWHERE = option(
            "steering.press",
            "Where a press follows the link of a slide that has a button; one without a button is pressed anywhere.",
            new YesNo("anywhere on a slide", "on its button"),
            false);
    public static final Option<Boolean> LARGER = option(
            "steering.larger",
            "What a press on a picture does where it follows no link.",
            new YesNo("opens it in the larger view", "does nothing"),
            false);
    public static final Option<Boolean> ANEW = option(
            "motion.anew",
            "Whether the slides after the first come in another order on every visit.",
            new YesNo("in another order on every visit, after the first", "in this order"),
            false);
    public static final Option<Language> LANGUAGE = option(
            "speech.language",
            "The language of the words and of what is said to those who listen. One that is read from right to left"
                    + " turns the reel round.",
            new Languages(
                    languages("en", "de", "fr", "es", "it", "nl", "pt", "pl", "sv", "da", "nb", "fi", "ar", "he")),
            Language.ENGLISH);
    private static final Map<Phrase, Option<String>> WORDINGS = new EnumMap<>(Phrase.class);

    static {
        for (Phrase phrase : Phrase.values()) {
            WORDINGS.put(phrase, option("speech." + phrase.word(), phrase.meaning(), new Wording(phrase), ""));
        }
    }

    private Options() {}

    /** How that phrase is worded; empty for "as the language has it". */
    public static Option<String> wording(Phrase phrase) {
        return Objects.requireNonNull(WORDINGS.get(phrase));
    }

    /** All of them. */
    public static Collection<Option<?>> shared() {
        return Collections.unmodifiableCollection(ALL.values());
    }

    private static <T> Option<T> option(String key, String meaning, Domain<T> domain, T usual, Scope... scopes) {
        Option<T> option = new Option<>(key, meaning, domain, usual, scopes);
        ALL.put(key, option);
        return option;
    }

    private static List<Language> languages(String... tags) {
        return java.util.Arrays.stream(tags).map(Language::new).toList();
    }

    private static List<Ratio> ratios(String... texts) {
        return java.util.Arrays.stream(texts).map(Ratio::read).toList();
    }
}
