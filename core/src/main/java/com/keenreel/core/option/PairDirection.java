package com.keenreel.core.option;

/** How the sides of a comparison lie beside each other. */
public enum PairDirection {
    ACROSS("side by side"),
    DOWN("one above the other");

    private final String says;

    PairDirection(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
