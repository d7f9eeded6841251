package com.keenreel.core.arrangement;

/**
 * A sentence of the brief.
 *
 * @param column under which heading it stands
 * @param idle whether what it says has no effect at present
 * @param text in which {@code {key}} stands for the control of that option, such as "Its frame is {shape.ratio}."
 */
public record Line(Column column, boolean idle, String text) {
    public Line(Column column, String text) {
        this(column, false, text);
    }

    /** One that says what would be. */
    public static Line idle(Column column, String text) {
        return new Line(column, true, text);
    }

    /** The headings of the brief. */
    public enum Column {
        SHAPE,
        MOTION,
        STEERING,
        WORDS,
        LOOK,
        /** On the sheet of each slide: what may be chosen for it alone. */
        SLIDE
    }
}
