package com.keenreel.core.option;

/**
 * One thing that can be chosen about a reel.
 *
 * @param key its name in documents and edits, such as "shape.ratio"
 * @param meaning one plain sentence for the person who chooses
 * @param domain the values it can take, with unit and limits
 * @param usual the value that is right for most
 * @param bySetUp whether phone, tablet and desk may differ
 */
public record Option<T>(String key, String meaning, Domain<T> domain, T usual, boolean bySetUp) {

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
