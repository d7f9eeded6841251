package com.keenreel.core.arrangement;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.ServiceLoader;

/**
 * The registry of arrangements, and the catalogue of everything that can be chosen. Arrangements are named in {@code
 * META-INF/services}, the only place that knows them all.
 */
public final class Arrangements {
    private static final List<Arrangement> ALL = found();

    /** How slides stand in the frame. */
    public static final Option<Arrangement> OPTION = new Option<>(
            "arrangement",
            Meaning.of(
                    "arrangement",
                    "How slides stand in the frame; no slide is lost by a change.",
                    "kind",
                    "layout",
                    "carousel",
                    "slider",
                    "gallery"),
            new OneOf<>(ALL, Arrangement::word, Arrangement::says),
            ALL.get(0));

    private static final Map<String, Option<?>> OPTIONS = catalogue();

    private Arrangements() {}

    private static List<Arrangement> found() {
        List<Arrangement> found = new ArrayList<>();
        ServiceLoader.load(Arrangement.class, Arrangement.class.getClassLoader())
                .forEach(found::add);
        found.sort(Comparator.comparingInt(Arrangement::place));
        return List.copyOf(found);
    }

    private static Map<String, Option<?>> catalogue() {
        Map<String, Option<?>> options = new LinkedHashMap<>();
        options.put(OPTION.key(), OPTION);
        Options.shared().forEach(option -> options.put(option.key(), option));
        ALL.forEach(arrangement -> arrangement.own().forEach(option -> options.put(option.key(), option)));
        return options;
    }

    /** All of them, in the order in which they are offered. */
    public static List<Arrangement> all() {
        return ALL;
    }

    /** The one that a reel has. */
    public static Arrangement of(Reel reel) {
        return reel.choices().get(OPTION);
    }

    /**
     * The one of that word.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Arrangement of(String word) {
        return OPTION.domain().read(word);
    }

    /** Everything as usual in that arrangement. */
    public static Choices usual(Arrangement arrangement) {
        return Choices.USUAL.with(OPTION, null, arrangement.equals(OPTION.usual()) ? null : arrangement);
    }

    /** Everything that can be chosen in some arrangement, always in the same order. */
    public static Iterable<Option<?>> options() {
        return OPTIONS.values();
    }

    /**
     * The option of that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Option<?> option(String key) {
        Option<?> option = OPTIONS.get(key);
        if (option == null) {
            throw new IllegalArgumentException("There is nothing called \"" + key + "\" to choose.");
        }
        return option;
    }

    /** The ready set-ups of all of them, in the order in which they are offered. */
    public static List<Starter> starters() {
        return ALL.stream()
                .flatMap(arrangement -> arrangement.starters().stream())
                .sorted(Comparator.comparingInt(Starter::place))
                .toList();
    }

    /**
     * The ready set-up of that key.
     *
     * @throws IllegalArgumentException when there is none
     */
    public static Starter starter(String key) {
        return starters().stream()
                .filter(starter -> starter.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no starter called \"" + key + "\"."));
    }
}
