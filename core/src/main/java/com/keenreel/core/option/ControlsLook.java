package com.keenreel.core.option;

/** How arrows, dots and the pause button are dressed; both have a ground of their own to be seen on any picture. */
public enum ControlsLook {
    WHITE_ON_DARK,
    DARK_ON_WHITE;

    String say() {
        return this == WHITE_ON_DARK ? "white on dark" : "dark on white";
    }
}
