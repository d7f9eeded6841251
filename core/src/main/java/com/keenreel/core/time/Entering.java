package com.keenreel.core.time;

import java.util.List;
import java.util.stream.IntStream;

/**
 * How slides come one after another when a reel first comes into sight.
 *
 * @param ms how long each takes
 * @param delays when each begins, ms after the first one
 */
public record Entering(long ms, List<Long> delays) {
    private static final long EACH = 420;

    /** Between two at the most, ms. */
    private static final long BETWEEN = 90;

    /** All have begun after so long, ms: nobody waits for the last of many. */
    private static final long ALL = 1200;

    /** How far below its place what rises begins, px. */
    public static final double RISES = 24;

    /** How long a reel as a whole takes, ms. */
    public static final long WHOLE = 600;

    /** How fast one settles. */
    public static final Easing EASING = Easing.ENDING;

    public Entering {
        delays = List.copyOf(delays);
    }

    /** That of so many slides. */
    public static Entering of(int slides) {
        double between = slides < 2 ? 0 : Math.min(BETWEEN, ALL / (slides - 1.0));
        return new Entering(
                EACH,
                IntStream.range(0, slides)
                        .mapToObj(i -> Math.round(i * between))
                        .toList());
    }
}
