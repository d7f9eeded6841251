package com.keenreel.core.option;

/**
 * How one slide gives way to the next. Left and right are those of a reel that is read from left to right; in one that is
 * read from right to left they are exchanged.
 */
public enum TransitionKind {
    NONE,
    CROSSFADE,
    ALONG,
    ALONG_RIGHT,
    ALONG_UP,
    ALONG_DOWN,
    OVER_LEFT,
    OVER_RIGHT,
    OVER_UP,
    OVER_DOWN,
    WIPE_LEFT,
    WIPE_RIGHT,
    WIPE_UP,
    WIPE_DOWN;

    String say() {
        return switch (this) {
            case NONE -> "no transition";
            case CROSSFADE -> "crossfade";
            case ALONG -> "moving along";
            case ALONG_RIGHT -> "moving along to the right";
            case ALONG_UP -> "moving along upward";
            case ALONG_DOWN -> "moving along downward";
            case OVER_LEFT -> "moving over to the left";
            case OVER_RIGHT -> "moving over to the right";
            case OVER_UP -> "moving over upward";
            case OVER_DOWN -> "moving over downward";
            case WIPE_LEFT -> "wiping to the left";
            case WIPE_RIGHT -> "wiping to the right";
            case WIPE_UP -> "wiping up";
            case WIPE_DOWN -> "wiping down";
        };
    }
}
