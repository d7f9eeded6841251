package com.keenreel.core.option;

/** What is seen behind a picture that does not fill its frame. */
public enum Behind {
    /** The colour of the ground. */
    GROUND("the ground"),
    /** The same picture, filling the frame, out of focus. */
    BLURRED("the picture itself, blurred");

    private final String says;

    Behind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
