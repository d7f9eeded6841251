package com.keenreel.core.option;

/** What a picture does while its slide stands. */
public enum DriftKind {
    STANDS("stand still"),
    CLOSER("come slowly closer"),
    AWAY("go slowly back"),
    TOWARD("move slowly to their focal point");

    private final String says;

    DriftKind(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }
}
