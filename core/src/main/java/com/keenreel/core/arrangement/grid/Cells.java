package com.keenreel.core.arrangement.grid;

/** How a grid shares its width out. */
public enum Cells {
    /** All columns are equally wide; pictures are cropped to the ratio of a cell. */
    EQUAL("equal cells"),
    /** Every row is as wide as the reel, and no picture is cropped. */
    ROWS("rows of whole pictures");

    private final String says;

    Cells(String says) {
        this.says = says;
    }

    String says() {
        return says;
    }
}
