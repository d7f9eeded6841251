package com.keenreel.core.option;

/** How many cells a slide takes. */
public enum Spanning {
    ONE(1, 1, "one cell"),
    WIDE(2, 1, "two cells across"),
    HIGH(1, 2, "two cells down"),
    LARGE(2, 2, "two by two cells");

    private final int across;
    private final int down;
    private final String says;

    Spanning(int across, int down, String says) {
        this.across = across;
        this.down = down;
        this.says = says;
    }

    /** Columns. */
    public int across() {
        return across;
    }

    /** Rows. */
    public int down() {
        return down;
    }

    /** In words. */
    public String says() {
        return says;
    }
}
