package com.keenreel.core.option;

/** What moves the divider of a comparison. Its handle can be dragged, and keys move it, whatever is chosen. */
public enum MovedBy {
    DRAGGING("dragging anywhere on it"),
    HANDLE("its handle alone"),
    POINTING("a mouse that points at it"),
    PRESSING("pressing where it is to stand");

    private final String says;

    MovedBy(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
