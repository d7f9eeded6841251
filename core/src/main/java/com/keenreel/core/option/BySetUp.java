package com.keenreel.core.option;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A choice that may differ by set-up: one for all, and overrides where they differ.
 *
 * @param all what holds where nothing else is said; null for "not chosen"
 * @param own the overrides
 */
public record BySetUp<T>(@Nullable T all, Map<SetUp, T> own) {
    private static final BySetUp<?> NOTHING = new BySetUp<>(null, Map.of());

    public BySetUp {
        EnumMap<SetUp, T> copy = new EnumMap<>(SetUp.class);
        copy.putAll(own);
        own = Collections.unmodifiableMap(copy);
    }

    /** Nothing chosen anywhere. */
    @SuppressWarnings("unchecked") // there is no T in it
    public static <T> BySetUp<T> nothing() {
        return (BySetUp<T>) NOTHING;
    }

    /** One choice for all set-ups. */
    public static <T> BySetUp<T> of(T all) {
        return new BySetUp<>(all, Map.of());
    }

    /** What holds in that set-up: its override, else the choice for all, else {@code usual}. */
    public T in(SetUp setUp, T usual) {
        T chosen = own.get(setUp);
        return chosen != null ? chosen : all != null ? all : usual;
    }

    /** What was said for exactly this place: a set-up, or for all when {@code setUp} is null. */
    public @Nullable T said(@Nullable SetUp setUp) {
        return setUp == null ? all : own.get(setUp);
    }

    /** The same with another choice at that place; a null value takes the choice back. */
    public BySetUp<T> with(@Nullable SetUp setUp, @Nullable T value) {
        if (setUp == null) {
            return new BySetUp<>(value, own);
        }
        Map<SetUp, T> changed = new EnumMap<>(SetUp.class);
        changed.putAll(own);
        if (value == null) {
            changed.remove(setUp);
        } else {
            changed.put(setUp, value);
        }
        return new BySetUp<>(all, changed);
    }

    /** True when nothing is chosen anywhere. */
    public boolean isNothing() {
        return all == null && own.isEmpty();
    }
}
