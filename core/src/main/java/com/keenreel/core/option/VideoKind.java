package com.keenreel.core.option;

/** What videos do while their slides stand. */
public enum VideoKind {
    AGAIN("play again and again"),
    ONCE("play once"),
    STILL("are seen as pictures");

    private final String says;

    VideoKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
