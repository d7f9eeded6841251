package com.keenreel.core.option;

/** A side of what slides stand in. */
public enum Edge {
    BELOW("below the slides"),
    ABOVE("above the slides"),
    START("beside them, where lines begin"),
    END("beside them, where lines end");

    private final String says;

    Edge(String says) {
        this.says = says;
    }

    String say() {
        return says;
    }

    /** Whether what stands there stands one below another. */
    public boolean upright() {
        return this == START || this == END;
    }
}
