package com.keenreel.core.option;

/** How one slide gives way to the next. */
public enum TransitionKind {
    NONE,
    CROSSFADE,
    ALONG;

    String say() {
        return switch (this) {
            case NONE -> "no transition";
            case CROSSFADE -> "crossfade";
            case ALONG -> "moving along";
        };
    }
}
