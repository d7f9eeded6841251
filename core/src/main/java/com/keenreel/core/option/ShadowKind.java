package com.keenreel.core.option;

/** A shadow that pictures cast on the page. */
public enum ShadowKind {
    /** None. */
    NONE("no shadow"),
    /** As of something that lies a little above the page. */
    AROUND("a soft shadow around them"),
    /** As of something that stands on a floor. */
    BELOW("a soft shadow below them");

    private final String says;

    ShadowKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
