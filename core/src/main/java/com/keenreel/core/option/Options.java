package com.keenreel.core.option;

import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Languages;
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
 * What can be chosen in several arrangements beside {@link ShapeOptions shape}, {@link MotionOptions motion},
 * {@link SteeringOptions steering} and {@link LookOptions look}; what one has alone is declared with it.
 */
public final class Options {
    private static final Map<String, Option<?>> ALL = new LinkedHashMap<>();

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
        all.addAll(MotionOptions.all());
        all.addAll(SteeringOptions.all());
        all.addAll(ThumbOptions.all());
        all.addAll(ALL.values());
        all.addAll(LookOptions.all());
        all.addAll(PairOptions.all());
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
