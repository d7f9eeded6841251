package com.keenreel.core.option;

/** What the drawing on an arrow looks like. */
public enum ArrowForm {
    ANGLE("an angle"),
    SHAFT("an arrow with a shaft"),
    SOLID("a solid triangle"),
    BAR("an angle at a bar"),

    /** One's own pictures; angles until one is picked. */
    OWN("pictures of your own");

    private final String says;

    ArrowForm(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
