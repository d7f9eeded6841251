package com.keenreel.core.option;

/**
 * How one slide gives way to the next. Left and right are those of a reel that is read from left to right; in one that is
 * read from right to left they are exchanged.
 */
public enum TransitionKind {
    NONE("no transition"),
    CROSSFADE("crossfade"),
    COLOUR("fading through a colour"),
    ALONG("moving along"),
    ALONG_RIGHT("moving along to the right"),
    ALONG_UP("moving along upward"),
    ALONG_DOWN("moving along downward"),
    OVER_LEFT("moving over to the left"),
    OVER_RIGHT("moving over to the right"),
    OVER_UP("moving over upward"),
    OVER_DOWN("moving over downward"),
    WIPE_LEFT("wiping to the left"),
    WIPE_RIGHT("wiping to the right"),
    WIPE_UP("wiping up"),
    WIPE_DOWN("wiping down"),
    ZOOM("zooming"),
    SLATS("slats"),
    TILES("tiles"),
    SWING("swinging in");

    private final String says;

    TransitionKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
