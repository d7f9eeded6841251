package com.keenreel.core.option;

/** How large words look while nobody points at them. */
public enum AtRest {
    SOLID,
    OUTLINED,
    PALE;

    String say() {
        return switch (this) {
            case SOLID -> "solid";
            case OUTLINED -> "outlined";
            case PALE -> "pale";
        };
    }
}
