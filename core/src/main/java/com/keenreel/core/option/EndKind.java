package com.keenreel.core.option;

/** What a reel does that has gone through its slides as often as it should. */
public enum EndKind {
    STAYS("stays where it is"),
    FIRST("goes back to the first");

    private final String says;

    EndKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
