package com.keenreel.core.option;

/** How a picture appears that waits to be asked for. */
public enum Appears {
    FADING,
    RISING,
    GROWING,
    AT_ONCE;

    String say() {
        return switch (this) {
            case FADING -> "by fading in";
            case RISING -> "by rising into their place";
            case GROWING -> "by growing";
            case AT_ONCE -> "at once";
        };
    }
}
