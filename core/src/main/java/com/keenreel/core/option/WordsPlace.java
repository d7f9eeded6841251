package com.keenreel.core.option;

/** Where a slide's words stand. */
public enum WordsPlace {
    UPPER_LEFT(-1, -1),
    UPPER_CENTRE(0, -1),
    UPPER_RIGHT(1, -1),
    MIDDLE_LEFT(-1, 0),
    MIDDLE(0, 0),
    MIDDLE_RIGHT(1, 0),
    LOWER_LEFT(-1, 1),
    LOWER_CENTRE(0, 1),
    LOWER_RIGHT(1, 1),
    BELOW(0, 0),
    NOWHERE(0, 0);

    private final int across;
    private final int down;

    WordsPlace(int across, int down) {
        this.across = across;
        this.down = down;
    }

    /** True when the words stand on the picture. */
    public boolean over() {
        return this != BELOW && this != NOWHERE;
    }

    /** Where on the picture, across: -1 left, 0 centre, 1 right. */
    public int across() {
        return across;
    }

    /** Where on the picture, down: -1 upper, 0 middle, 1 lower. */
    public int down() {
        return down;
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
