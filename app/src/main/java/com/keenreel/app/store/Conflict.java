package com.keenreel.app.store;

/** Two people typed the same words at the same time: both must be shown. */
public final class Conflict extends RuntimeException {
    private final String theirs;

    Conflict(String theirs) {
        super("Somebody else changed these words while you were typing.", null, false, false);
        this.theirs = theirs;
    }

    /** What the other one stored. */
    public String theirs() {
        return theirs;
    }
}
