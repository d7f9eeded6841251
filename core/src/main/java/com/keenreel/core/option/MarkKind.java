package com.keenreel.core.option;

/** What says at which stop one is; all but a count can be pressed. */
public enum MarkKind {
    DOTS("dots"),
    NUMBERS("numbers"),
    /** As wide as the reel, in as many parts as there are stops. */
    LINE("the parts of a line"),
    /** Which one of how many, such as 3 / 9: nothing to be pressed. */
    COUNT("a count, such as 3 / 9");

    private final String says;

    MarkKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
