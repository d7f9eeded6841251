package com.keenreel.core.space;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Where a visitor can go to.
 *
 * @param slides the numbers, from 1, of the slides that are in view whole there
 */
public record Stop(List<Integer> slides) {
    public Stop {
        slides = List.copyOf(slides);
    }

    /** The stop at which slides {@code first} to {@code last} are in view. */
    public static Stop of(int first, int last) {
        return new Stop(IntStream.rangeClosed(first, last).boxed().toList());
    }

    /** A stop for every so many neighbours among that many slides, each one slide on; one at the least. */
    public static List<Stop> every(int shown, int slides) {
        return IntStream.rangeClosed(1, Math.max(1, slides - shown + 1))
                .mapToObj(first -> of(first, Math.min(slides, first + shown - 1)))
                .toList();
    }
}
