package com.keenreel.core.option;

/**
 * What a slide does while the next one comes. Left and right are those of a reel that is read from left to right; in one that
 * is read from right to left they are exchanged.
 */
public enum LeavingKind {
    /** What the way in which the next one comes does with it. */
    AS_ASKED("gives way to it"),
    STANDS("stands still"),
    FADES("fades"),
    LEFT("leaves to the left"),
    RIGHT("leaves to the right"),
    UP("leaves upward"),
    DOWN("leaves downward"),
    SHRINKS("shrinks away");

    private final String says;

    LeavingKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
