package com.keenreel.core.option;

/** What stands for each stop, to see where one is and to be pressed. */
public enum MarkKind {
    DOTS("dots"),
    NUMBERS("numbers"),
    /** As wide as the reel, in as many parts as there are stops. */
    LINE("the parts of a line");

    private final String says;

    MarkKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
