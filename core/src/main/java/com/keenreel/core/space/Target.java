package com.keenreel.core.space;

/** How large what is pressed is. The same on every device, so that the wall equals the phone. */
public final class Target {
    /** Side of the hit area of an arrow, the pause button and a handle at the least, px. */
    public static final double HIT = 44;

    /** What any press target needs each way at the least, px: WCAG 2.2, success criterion 2.5.8. */
    public static final double LEAST = 24;

    /** Between a control and the edge of what it stands on, px. */
    public static final double EDGE = 8;

    private Target() {}
}
