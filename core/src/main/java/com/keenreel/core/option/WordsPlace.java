package com.keenreel.core.option;

/** Where a slide's words stand. */
public enum WordsPlace {
    UPPER_LEFT,
    UPPER_CENTRE,
    UPPER_RIGHT,
    MIDDLE_LEFT,
    MIDDLE,
    MIDDLE_RIGHT,
    LOWER_LEFT,
    LOWER_CENTRE,
    LOWER_RIGHT,
    BELOW,
    NOWHERE;

    /** True when the words stand on the picture. */
    public boolean over() {
        return this != BELOW && this != NOWHERE;
    }

    /** Where on the picture, across: -1 left, 0 centre, 1 right. */
    public int across() {
        return ordinal() % 3 - 1;
    }

    /** Where on the picture, down: -1 upper, 0 middle, 1 lower. */
    public int down() {
        return ordinal() / 3 - 1;
    }

    String say() {
        return switch (this) {
            case BELOW -> "below the picture";
            case NOWHERE -> "not shown";
            case MIDDLE -> "in the middle";
            default -> "at the " + name().toLowerCase(java.util.Locale.ROOT).replace('_', ' ');
        };
    }
}
