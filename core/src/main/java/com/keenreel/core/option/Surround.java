package com.keenreel.core.option;

/** What is seen in the space around a reel. */
public enum Surround {
    /** The page itself. */
    PAGE("the page"),
    /** The colour of the ground. */
    GROUND("the ground");

    private final String says;

    Surround(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
