package com.keenreel.core.option;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** What was chosen, option by option. What was not chosen is as usual. */
public final class Choices {
    /** Everything as usual. */
    public static final Choices USUAL = new Choices(Map.of());

    private final Map<Option<?>, BySetUp<?>> chosen;

    private Choices(Map<Option<?>, BySetUp<?>> chosen) {
        this.chosen = chosen;
    }

    /** What holds in that set-up. */
    public <T> T get(Option<T> option, SetUp setUp) {
        return chosen(option).in(setUp, option.usual());
    }

    /** What holds for an option that is the same in every set-up. */
    public <T> T get(Option<T> option) {
        T all = chosen(option).all();
        return all != null ? all : option.usual();
    }

    /** What was said about it, for all and by set-up. */
    @SuppressWarnings("unchecked") // with() is the only way in, and it is typed
    public <T> BySetUp<T> chosen(Option<T> option) {
        BySetUp<?> found = chosen.get(option);
        return found == null ? BySetUp.nothing() : (BySetUp<T>) found;
    }

    /**
     * The same with another choice.
     *
     * @param setUp null for all set-ups
     * @param value null takes the choice back
     * @throws IllegalArgumentException when the option cannot differ by set-up and one is given
     */
    public <T> Choices with(Option<T> option, @Nullable SetUp setUp, @Nullable T value) {
        if (setUp != null && !option.bySetUp()) {
            throw new IllegalArgumentException("\"" + option.key() + "\" is the same on every screen.");
        }
        BySetUp<T> changed = chosen(option).with(setUp, value);
        Map<Option<?>, BySetUp<?>> copy = new LinkedHashMap<>(chosen);
        if (changed.isNothing()) {
            copy.remove(option);
        } else {
            copy.put(option, changed);
        }
        return new Choices(Collections.unmodifiableMap(copy));
    }

    /** Everything that was chosen, by option. */
    public Map<Option<?>, BySetUp<?>> all() {
        return chosen;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Choices choices && choices.chosen.equals(chosen);
    }

    @Override
    public int hashCode() {
        return chosen.hashCode();
    }

    @Override
    public String toString() {
        return chosen.toString();
    }
}
