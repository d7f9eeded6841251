package com.keenreel.core.arrangement.marquee;

/** What a band does while it is pointed at. */
public enum Pointed {
    /** It waits. */
    STOPS("stops"),
    /** It goes on at a quarter of its speed. */
    SLOWS("slows down"),
    /** Nothing. */
    GOES_ON("goes on");

    private final String says;

    Pointed(String says) {
        this.says = says;
    }

    String says() {
        return says;
    }
}
