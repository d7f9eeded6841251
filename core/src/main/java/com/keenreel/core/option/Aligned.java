package com.keenreel.core.option;

/** Where a reel stands in a slot that is wider than it. */
public enum Aligned {
    START,
    CENTRE,
    END;

    /** In words. */
    public String say() {
        return switch (this) {
            case START -> "at the start";
            case CENTRE -> "in the middle";
            case END -> "at the end";
        };
    }
}
