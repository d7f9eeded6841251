package com.keenreel.core.option;

/** How a change runs between its start and its end. */
public enum Pace {
    EVENLY("evenly"),
    GENTLY("gently"),
    STARTING_GENTLY("starting gently"),
    ENDING_GENTLY("ending gently");

    private final String says;

    Pace(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
