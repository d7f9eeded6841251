package com.keenreel.core.option;

/** How a picture meets its frame. */
public enum FitKind {
    /** Covers the frame; what stands out is cut off, the focal point stays in view. */
    FILL,
    /** Shows the whole picture; the ground fills the rest. */
    WHOLE,
    /** As {@link #FILL}, but never enlarged beyond its own pixels. */
    ORIGINAL;

    String say() {
        return switch (this) {
            case FILL -> "fill the frame";
            case WHOLE -> "show whole";
            case ORIGINAL -> "keep their size";
        };
    }
}
