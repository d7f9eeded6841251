package com.keenreel.core.arrangement;

/**
 * A sentence of the brief.
 *
 * @param column under which heading it stands
 * @param text in which {@code {key}} stands for the control of that option, such as "Its frame is {shape.ratio}."
 */
public record Line(Column column, String text) {
    /** The headings of the brief. */
    public enum Column {
        SHAPE,
        MOTION,
        STEERING,
        /** On the sheet of each slide: what may be chosen for it alone. */
        SLIDE
    }
}
