package com.keenreel.core.option;

/** The way an endless band moves. */
public enum Way {
    LEFT,
    RIGHT;

    String say() {
        return this == LEFT ? "to the left" : "to the right";
    }
}
