package com.keenreel.core.option;

/** Where arrows stand. */
public enum ArrowsPlace {
    SIDES("on the picture, at its sides"),
    /** The picture is narrower by the room that they take. */
    OUTSIDE("outside the picture, at its sides"),
    CORNER("together in a corner"),
    BELOW("below everything");

    private final String says;

    ArrowsPlace(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
