package com.keenreel.core.option;

import com.keenreel.core.option.Domain.Colours;
import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Languages;
import com.keenreel.core.option.Domain.Lasting;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.Wording;
import com.keenreel.core.option.Domain.YesNo;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What can be chosen in several arrangements beside {@link ShapeOptions shape} and {@link LookOptions look}; what one has
 * alone is declared with it.
 */
public final class Options {
    private static final Map<String, Option<?>> ALL = new LinkedHashMap<>();

    public static final Option<TransitionKind> TRANSITION = option(
            "motion.transition",
            Meaning.of("transition", "How one slide gives way to the next.", "effect", "animation", "fade", "wipe"),
            OneOf.of(TransitionKind.class, TransitionKind::say),
            TransitionKind.CROSSFADE,
            Scope.SLIDE);

    /** In ms. */
    public static final Option<Long> TRANSITION_TIME = option(
            "motion.time",
            Meaning.of("length of the transition", "How long the change takes.", "speed", "duration", "slow", "fast"),
            new Lasting(0.1, 5, 0.1),
            800L,
            Scope.SLIDE);

    public static final Option<Pace> PACE = option(
            "motion.pace",
            Meaning.of(
                    "pace of the transition",
                    "How a change runs between its start and its end.",
                    "easing",
                    "speed",
                    "acceleration",
                    "smooth",
                    "linear"),
            OneOf.of(Pace.class, Pace::say),
            Pace.GENTLY,
            Scope.SLIDE);
    public static final Option<LeavingKind> LEAVING = option(
            "motion.leaving",
            Meaning.of(
                    "way out",
                    "What a slide does while the next one comes.",
                    "effect",
                    "animation",
                    "transition",
                    "exit",
                    "fade"),
            OneOf.of(LeavingKind.class, LeavingKind::say),
            LeavingKind.AS_ASKED,
            Scope.SLIDE);
    public static final Option<Colour> BETWEEN = option(
            "motion.between",
            Meaning.of(
                    "colour between slides",
                    "The colour through which one slide fades into the next.",
                    "transition",
                    "color",
                    "fade",
                    "black",
                    "white"),
            new Colours(),
            new Colour("#16241e"));

    public static final Option<DriftKind> DRIFT = option(
            "motion.drift",
            Meaning.of(
                    "movement within a hold",
                    "What a picture does while its slide stands, where the reel goes on by itself.",
                    "zoom",
                    "pan",
                    "slow",
                    "effect",
                    "animation"),
            OneOf.of(DriftKind.class, DriftKind::say),
            DriftKind.STANDS,
            Scope.SLIDE);

    /** In ms. */
    public static final Option<Long> HOLD = option(
            "motion.hold",
            Meaning.of(
                    "hold",
                    "How long a slide stands that has no hold of its own.",
                    "speed",
                    "duration",
                    "delay",
                    "interval",
                    "seconds",
                    "timing"),
            new Lasting(0.5, 120, 0.5),
            5000L);

    public static final Option<Boolean> AUTOPLAY = option(
            "motion.autoplay",
            Meaning.of(
                    "goes on",
                    "Whether it moves on without being asked; visitors always get a pause button.",
                    "automatic",
                    "autoplay",
                    "start",
                    "play"),
            new YesNo("by itself", "only when asked"),
            false);

    public static final Option<CourseKind> COURSE = option(
            "motion.course",
            Meaning.of(
                    "course",
                    "In which order slides come where the reel goes on by itself.",
                    "direction",
                    "reverse",
                    "backwards",
                    "back and forth"),
            OneOf.of(CourseKind.class, CourseKind::say),
            CourseKind.ONWARD);
    public static final Option<Integer> LAPS = option(
            "motion.laps",
            Meaning.of(
                    "how often",
                    "How often it goes through its slides by itself; 0 is without end.",
                    "loop",
                    "repeat",
                    "times",
                    "infinite",
                    "once"),
            new Count(0, 99, "without end"),
            0);
    public static final Option<EndKind> END = option(
            "motion.end",
            Meaning.of(
                    "end",
                    "What it does once it has gone through its slides that often; to and fro it ends with the first.",
                    "stop",
                    "last slide",
                    "loop"),
            OneOf.of(EndKind.class, EndKind::say),
            EndKind.STAYS);

    /** In ms. */
    public static final Option<Long> DELAY = option(
            "motion.delay",
            Meaning.of(
                    "start delay",
                    "How much longer its first slide stands before it begins to go on by itself.",
                    "wait",
                    "begin",
                    "seconds",
                    "timing"),
            new Lasting(0, 30, 0.5),
            0L);

    /** In ms. */
    public static final Option<Long> REST = option(
            "motion.rest",
            Meaning.of(
                    "rest",
                    "How long it stands still after a visitor has gone to a slide, until it goes on by itself; 0 is for good.",
                    "resume",
                    "restart",
                    "pause",
                    "interaction",
                    "continue"),
            new Lasting(0, 120, 1, "for good"),
            0L);

    public static final Option<Boolean> POINTED = option(
            "motion.pointed",
            Meaning.of(
                    "while pointed at",
                    "Whether it waits while a pointer is over it.",
                    "hover",
                    "pause",
                    "mouse",
                    "stop"),
            new YesNo("waits", "goes on"),
            true);

    public static final Option<Boolean> ARROWS = option(
            "steering.arrows",
            Meaning.of(
                    "arrows",
                    "Arrows at the sides of the picture.",
                    "navigation",
                    "controls",
                    "buttons",
                    "previous",
                    "next"),
            new YesNo("arrows", "no arrows"),
            true,
            Scope.SET_UP);
    public static final Option<Boolean> DOTS = option(
            "steering.dots",
            Meaning.of("dots", "A dot for each stop.", "navigation", "controls", "bullets", "pages"),
            new YesNo("dots", "no dots"),
            true,
            Scope.SET_UP);
    public static final Option<MarkKind> MARKS = option(
            "steering.marks",
            Meaning.of(
                    "marks of stops",
                    "What stands for each stop where dots are wanted.",
                    "dots",
                    "numbers",
                    "progress",
                    "line",
                    "pagination",
                    "bullets"),
            OneOf.of(MarkKind.class, MarkKind::say),
            MarkKind.DOTS,
            Scope.SET_UP);
    public static final Option<Boolean> SWIPE = option(
            "steering.swipe",
            Meaning.of("swipe", "Moving by a finger or a dragged pointer.", "touch", "drag", "finger", "phone"),
            new YesNo("swipe", "no swipe"),
            true,
            Scope.SET_UP);
    public static final Option<Boolean> KEYS = option(
            "steering.keys",
            Meaning.of("keys", "Arrow keys while focus is inside the reel.", "keyboard", "arrow keys"),
            new YesNo("keys", "no keys"),
            true,
            Scope.SET_UP);

    public static final Option<WordsPlace> WORDS_PLACE = option(
            "words.place",
            Meaning.of(
                    "place of words",
                    "Where a slide's words stand.",
                    "caption",
                    "text",
                    "title",
                    "position",
                    "over",
                    "below"),
            OneOf.of(WordsPlace.class, WordsPlace::say),
            WordsPlace.LOWER_LEFT,
            Scope.SET_UP,
            Scope.SLIDE);
    public static final Option<Boolean> WORDS_TEXT = option(
            "words.text",
            Meaning.of(
                    "words shown",
                    "Whether the text is shown beside title and button.",
                    "caption",
                    "description",
                    "title",
                    "button"),
            new YesNo("title, text and button", "title and button"),
            true,
            Scope.SET_UP);
    public static final Option<Double> WORDS_SIZE = option(
            "words.size",
            Meaning.of(
                    "title size",
                    "The greatest size of a title over the picture; it shrinks with the reel, to 18 px at the least.",
                    "font",
                    "type",
                    "letters",
                    "headline",
                    "caption"),
            new Within(18, 45, 1, "px"),
            30.0,
            Scope.SET_UP);
    public static final Option<Double> WORDS_GROUND = option(
            "words.ground",
            Meaning.of(
                    "ground under words",
                    "How dense the ground under words on a picture is.",
                    "shadow",
                    "background",
                    "overlay",
                    "contrast",
                    "opacity",
                    "caption"),
            new Within(0, 100, 1, "%"),
            62.0);
    public static final Option<Boolean> WORDS_POINTED = option(
            "words.pointed",
            Meaning.of(
                    "when words show",
                    "When words over a picture are seen; those below one always are.",
                    "hover",
                    "hide",
                    "caption",
                    "overlay",
                    "mouse"),
            new YesNo("while their slide is pointed at, focused or tapped", "always"),
            false);
    public static final Option<Integer> TITLE_LINES = option(
            "words.title-lines",
            Meaning.of(
                    "lines of a title",
                    "Lines kept for titles below the picture, so that all slides are equally high.",
                    "caption",
                    "height",
                    "headline"),
            new Count(0, 4),
            1,
            Scope.SET_UP);
    public static final Option<Integer> TEXT_LINES = option(
            "words.text-lines",
            Meaning.of(
                    "lines of text",
                    "Lines kept for text below the picture, so that all slides are equally high.",
                    "caption",
                    "height",
                    "description"),
            new Count(0, 8),
            2,
            Scope.SET_UP);

    public static final Option<Boolean> ANYWHERE = option(
            "steering.press",
            Meaning.of(
                    "where a press follows the link",
                    "Where a press follows the link of a slide that has a button; one without a button is pressed anywhere.",
                    "link",
                    "click",
                    "tap",
                    "button"),
            new YesNo("anywhere on a slide", "on its button"),
            false);
    public static final Option<Boolean> LARGER = option(
            "steering.larger",
            Meaning.of(
                    "press on a picture",
                    "What a press on a picture does where it follows no link.",
                    "zoom",
                    "enlarge",
                    "lightbox",
                    "full screen",
                    "click"),
            new YesNo("opens it in the larger view", "does nothing"),
            false);
    public static final Option<Boolean> ADDRESSED = option(
            "steering.addressed",
            Meaning.of(
                    "address of the larger view",
                    "Whether the page's address says which picture is seen in the larger view, so that it can be linked.",
                    "link",
                    "url",
                    "anchor",
                    "hash",
                    "fragment",
                    "deep link"),
            new YesNo("in the page's address", "not in the page's address"),
            false);
    public static final Option<Boolean> ENTERS = option(
            "motion.enters",
            Meaning.of(
                    "how slides come",
                    "Whether slides are there at once, or come one after another when the reel first comes into sight; never for"
                            + " visitors who asked for less motion.",
                    "entrance",
                    "reveal",
                    "stagger",
                    "animation",
                    "appear"),
            new YesNo("come one after another", "are there at once"),
            false);
    public static final Option<Boolean> ANEW = option(
            "motion.anew",
            Meaning.of(
                    "order on every visit",
                    "Whether the slides after the first come in another order on every visit.",
                    "shuffle",
                    "random",
                    "mix"),
            new YesNo("in another order on every visit, after the first", "in this order"),
            false);
    public static final Option<Language> LANGUAGE = option(
            "speech.language",
            Meaning.of(
                    "language",
                    "The language of the words and of what is said to those who listen. One that is read from right to left"
                            + " turns the reel round.",
                    "translation",
                    "english",
                    "arabic",
                    "right to left",
                    "screen reader"),
            new Languages(
                    languages("en", "de", "fr", "es", "it", "nl", "pt", "pl", "sv", "da", "nb", "fi", "ar", "he")),
            Language.ENGLISH);
    private static final Map<Phrase, Option<String>> WORDINGS = new EnumMap<>(Phrase.class);

    static {
        for (Phrase phrase : Phrase.values()) {
            WORDINGS.put(
                    phrase,
                    option(
                            "speech." + phrase.word(),
                            Meaning.of(
                                    "the words for \"" + phrase.word().replace('-', ' ') + "\"",
                                    phrase.meaning(),
                                    "screen reader",
                                    "label",
                                    "wording"),
                            new Wording(phrase),
                            ""));
        }
    }

    private Options() {}

    /** How that phrase is worded; empty for "as the language has it". */
    public static Option<String> wording(Phrase phrase) {
        return Objects.requireNonNull(WORDINGS.get(phrase));
    }

    /** All of them. */
    public static Collection<Option<?>> shared() {
        List<Option<?>> all = new ArrayList<>(ShapeOptions.all());
        all.addAll(ALL.values());
        all.addAll(LookOptions.all());
        return Collections.unmodifiableCollection(all);
    }

    private static <T> Option<T> option(String key, Meaning means, Domain<T> domain, T usual, Scope... scopes) {
        Option<T> option = new Option<>(key, means, domain, usual, scopes);
        ALL.put(key, option);
        return option;
    }

    private static List<Language> languages(String... tags) {
        return java.util.Arrays.stream(tags).map(Language::new).toList();
    }
}
