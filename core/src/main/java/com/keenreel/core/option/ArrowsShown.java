package com.keenreel.core.option;

/** When arrows are seen. They can be reached by keyboard at any time, and are seen then. */
public enum ArrowsShown {
    ALWAYS("always"),
    POINTED("while the reel is pointed at, on touch screens always"),
    TOUCHED("while the reel is pointed at or was touched last");

    private final String says;

    ArrowsShown(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
