package com.keenreel.core.option;

import java.util.Set;

/**
 * One thing that can be chosen about a reel.
 *
 * @param key its name in documents and edits, such as "shape.ratio"
 * @param meaning one plain sentence for the person who chooses
 * @param domain the values it can take, with unit and limits
 * @param usual the value that is right for most
 * @param arrangements where it has an effect
 * @param bySetUp whether phone, tablet and desk may differ
 */
public record Option<T>(
        String key, String meaning, Domain<T> domain, T usual, Set<Arrangement.Kind> arrangements, boolean bySetUp) {

    /** True when it has an effect in that arrangement. */
    public boolean concerns(Arrangement.Kind kind) {
        return arrangements.contains(kind);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Option<?> option && option.key.equals(key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }

    @Override
    public String toString() {
        return key;
    }
}
