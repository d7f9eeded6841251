package com.keenreel.core.option;

/** Where the names of a comparison's sides stand on its pictures. */
public enum NamesPlace {
    FOOT("at the lower edge"),
    HEAD("at the upper edge");

    private final String says;

    NamesPlace(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
