package com.keenreel.core.option;

/** How often the divider of a comparison moves to and fro by itself. */
public enum SweepKind {
    NEVER("stand still"),
    ONCE("move to and fro by themselves once"),
    AGAIN("move to and fro by themselves until they are touched");

    private final String says;

    SweepKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
