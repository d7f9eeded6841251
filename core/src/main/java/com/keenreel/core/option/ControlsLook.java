package com.keenreel.core.option;

/** How arrows, dots and the pause button are dressed; the first two have a ground that is seen on any picture. */
public enum ControlsLook {
    WHITE_ON_DARK("white on dark"),
    DARK_ON_WHITE("dark on white"),
    OWN("in own colours");

    private final String says;

    ControlsLook(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
