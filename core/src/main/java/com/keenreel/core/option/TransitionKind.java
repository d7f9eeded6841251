package com.keenreel.core.option;

/** How one slide gives way to the next. */
public enum TransitionKind {
    NONE,
    CROSSFADE,
    ALONG,
    WIPE_LEFT,
    WIPE_RIGHT,
    WIPE_UP,
    WIPE_DOWN;

    String say() {
        return switch (this) {
            case NONE -> "no transition";
            case CROSSFADE -> "crossfade";
            case ALONG -> "moving along";
            case WIPE_LEFT -> "wiping to the left";
            case WIPE_RIGHT -> "wiping to the right";
            case WIPE_UP -> "wiping up";
            case WIPE_DOWN -> "wiping down";
        };
    }
}
