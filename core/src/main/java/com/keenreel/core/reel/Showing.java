package com.keenreel.core.reel;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * When visitors meet a slide.
 *
 * @param hidden true for never, until somebody shows it again
 * @param from the first day, in the time zone of whoever publishes; null for no first day
 * @param until the last day; null for no last day
 */
public record Showing(
        boolean hidden, @Nullable LocalDate from, @Nullable LocalDate until) {
    /** Every day. */
    public static final Showing ALWAYS = new Showing(false, null, null);

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    public Showing {
        if (from != null && until != null && until.isBefore(from)) {
            throw new IllegalArgumentException(
                    "The last day, " + DAY.format(until) + ", is before the first, " + DAY.format(from) + ".");
        }
    }

    public Showing withHidden(boolean other) {
        return new Showing(other, from, until);
    }

    public Showing withFrom(@Nullable LocalDate other) {
        return new Showing(hidden, other, until);
    }

    public Showing withUntil(@Nullable LocalDate other) {
        return new Showing(hidden, from, other);
    }

    /** Whether visitors meet it on that day. */
    public boolean on(LocalDate day) {
        return !hidden && (from == null || !day.isBefore(from)) && (until == null || !day.isAfter(until));
    }

    /** "hidden", "always", "12 Dec 2026 to 13 Dec 2026", "from 12 Dec 2026" or "until 13 Dec 2026". */
    @Override
    public String toString() {
        return hidden ? "hidden" : days();
    }

    /** The same of a slide that is not hidden, or would not be. */
    public String days() {
        if (from != null && until != null) {
            return DAY.format(from) + " to " + DAY.format(until);
        }
        if (from != null) {
            return "from " + DAY.format(from);
        }
        return until == null ? "always" : "until " + DAY.format(until);
    }
}
