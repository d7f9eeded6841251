package com.keenreel.core.option;

import java.util.Set;

/**
 * One thing that can be chosen about a reel.
 *
 * @param key its name in documents and edits, such as "shape.ratio"
 * @param means what it does, and what people call it
 * @param domain the values it can take, with unit and limits
 * @param usual the value that is right for most
 * @param scopes for what it may be chosen otherwise than for the whole reel
 */
public record Option<T>(String key, Meaning means, Domain<T> domain, T usual, Set<Scope> scopes) {
    public Option {
        scopes = Set.copyOf(scopes);
    }

    public Option(String key, Meaning means, Domain<T> domain, T usual, Scope... scopes) {
        this(key, means, domain, usual, Set.of(scopes));
    }

    /** One plain sentence for the person who chooses. */
    public String meaning() {
        return means.sentence();
    }

    /** Whether phone, tablet and desk may differ. */
    public boolean bySetUp() {
        return scopes.contains(Scope.SET_UP);
    }

    /** Whether slides may differ. */
    public boolean bySlide() {
        return scopes.contains(Scope.SLIDE);
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
