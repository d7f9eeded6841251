package com.keenreel.core.space;

import com.keenreel.core.option.SetUp;
import java.util.List;

/**
 * A stretch of widths in which the same things stand in a reel, so that nothing but lengths depends on the width.
 *
 * @param span the widths
 * @param frame everything in the frame at the first moment
 * @param stops where a visitor can go to, in order
 * @param step how far the strip moves from one stop to the next, or in one lap of an endless band
 * @param gap the space between two slides that stand side by side; nothing where each has the whole frame
 * @param narrow the numbers of slides that stand too narrow to be recognised
 */
public record Range(Span span, Placed frame, List<Stop> stops, Length step, Length gap, List<Integer> narrow) {
    public Range {
        stops = List.copyOf(stops);
        narrow = List.copyOf(narrow);
    }

    /** Where nothing is too narrow. */
    public Range(Span span, Placed frame, List<Stop> stops, Length step, Length gap) {
        this(span, frame, stops, step, gap, List.of());
    }

    public SetUp setUp() {
        return span.setUp();
    }

    /** How many slides are in view whole at its first stop. */
    public int shown() {
        return stops.isEmpty() ? 0 : stops.get(0).slides().size();
    }

    /** The same where nothing of it is seen: it has no height. */
    public Range hidden() {
        return new Range(span, Placed.of(frame.part(), Box.all(frame.box().width(), Length.ZERO)), stops, step, gap);
    }

    /** The same turned round, left for right. */
    public Range mirrored() {
        return new Range(span, frame.mirrored(), stops, step, gap, narrow);
    }
}
