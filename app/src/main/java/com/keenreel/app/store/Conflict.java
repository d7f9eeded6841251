package com.keenreel.app.store;

/** Two people typed the same words at the same time: both must be shown. */
public final class Conflict extends RuntimeException {
    private final String theirs;
    private final long revision;

    Conflict(String theirs, long revision) {
        super("Somebody else changed these words while you were typing.", null, false, false);
        this.theirs = theirs;
        this.revision = revision;
    }

    /** What the other one stored. */
    public String theirs() {
        return theirs;
    }

    /** The newest revision, which whoever is shown both has seen. */
    public long revision() {
        return revision;
    }
}
