package com.keenreel.core.option;

/** What colours logos are shown in. */
public enum Inks {
    /** As they are. */
    OWN("in their own colours"),
    /** Without colour, as light and as dark as they are. */
    GREY("in grey"),
    /** All that is inked is black; logos with a ground of their own are grey. */
    BLACK("in black"),
    /** All that is inked is white; logos with a ground of their own are grey. */
    WHITE("in white");

    private final String says;

    Inks(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
