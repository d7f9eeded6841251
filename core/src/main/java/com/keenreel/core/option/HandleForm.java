package com.keenreel.core.option;

/** What a comparison's divider is held by. Whatever it is, a finger reaches it and keys move it. */
public enum HandleForm {
    GRIP("a grip"),
    RING("a ring"),
    ARROWS("two arrows"),
    LINE("the line alone"),
    NONE("nothing that is seen, not even a line");

    private final String says;

    HandleForm(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
