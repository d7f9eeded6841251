package com.keenreel.core.arrangement.marquee;

/** The way an endless band moves. */
public enum Way {
    /** What stands later in reading order comes into view: to the left, where lines are read from left to right. */
    ONWARD("left"),
    /** The other way. */
    BACK("right");

    private final String word;

    Way(String word) {
        this.word = word;
    }

    /** As documents write it: the side to which the band moves where lines are read from left to right. */
    String word() {
        return word;
    }

    String says() {
        return "to the " + word;
    }
}
