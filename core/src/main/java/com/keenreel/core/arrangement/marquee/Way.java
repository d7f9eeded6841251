package com.keenreel.core.arrangement.marquee;

/** The way an endless band moves. */
public enum Way {
    /** What stands later in reading order comes into view: to the left, where lines are read from left to right. */
    ONWARD("left", "to the left", false, true),
    /** The other way. */
    BACK("right", "to the right", false, false),
    /** What stands later comes from below. */
    UP("up", "up", true, true),
    /** What stands later comes from above. */
    DOWN("down", "down", true, false);

    private final String word;
    private final String says;
    private final boolean upright;
    private final boolean onward;

    Way(String word, String says, boolean upright, boolean onward) {
        this.word = word;
        this.says = says;
        this.upright = upright;
        this.onward = onward;
    }

    /** As documents write it: the side to which the band moves where lines are read from left to right. */
    String word() {
        return word;
    }

    String says() {
        return says;
    }

    /** Whether logos stand one below another. */
    boolean upright() {
        return upright;
    }

    /** Whether it brings what stands later in reading order. */
    boolean onward() {
        return onward;
    }
}
