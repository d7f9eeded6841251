package com.keenreel.core.option;

/** How a reel appears when it is scrolled into sight. */
public enum EntryKind {
    NONE("is there"),
    FADES("fades in"),
    RISES("rises");

    private final String says;

    EntryKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
