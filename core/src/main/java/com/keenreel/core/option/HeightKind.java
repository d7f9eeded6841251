package com.keenreel.core.option;

/** What makes the area of a picture as high as it is. */
public enum HeightKind {
    /** Width divided by the ratio. */
    RATIO("by its ratio"),
    /** The same at every width. */
    FIXED("by a fixed number"),
    /** A share of the window's height, without what a phone's browser may hide. */
    WINDOW("by the window's height"),
    /** As much as the tallest of its pictures needs to be seen whole. */
    PICTURES("by the tallest picture");

    private final String says;

    HeightKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
