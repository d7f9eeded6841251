package com.keenreel.core.space;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Where a visitor can go to.
 *
 * @param slides the numbers, from 1, of the slides that are in view whole there
 * @param steps how many steps of its range the strip has moved there
 */
public record Stop(List<Integer> slides, int steps) {
    public Stop {
        slides = List.copyOf(slides);
    }

    /** The stop at which slides {@code first} to {@code last} are in view. */
    public static Stop of(int first, int last, int steps) {
        return new Stop(IntStream.rangeClosed(first, last).boxed().toList(), steps);
    }

    /** The only stop, at which all of so many slides are in view. */
    public static List<Stop> all(int slides) {
        return List.of(of(1, slides, 0));
    }

    /** A stop for every so many neighbours among that many slides, each one slide on; one at the least. */
    public static List<Stop> every(int shown, int slides) {
        return from(IntStream.rangeClosed(0, Math.max(0, slides - shown)), shown, slides);
    }

    /** A stop for every one among that many slides, with so many in view from there, after the last of them the first. */
    public static List<Stop> round(int shown, int slides) {
        return IntStream.range(0, slides)
                .mapToObj(at -> new Stop(
                        IntStream.range(at, at + shown)
                                .map(slide -> slide % slides + 1)
                                .boxed()
                                .toList(),
                        at))
                .toList();
    }

    /**
     * The same as for {@link #every}, each as many slides on as are in view; the last one fewer where so many are not left, so that it shows no
     * blank.
     */
    public static List<Stop> views(int shown, int slides) {
        int last = Math.max(0, slides - shown);
        return from(
                IntStream.iterate(0, at -> at < last + shown, at -> at + shown)
                        .map(at -> Math.min(at, last))
                        .distinct(),
                shown,
                slides);
    }

    private static List<Stop> from(IntStream starts, int shown, int slides) {
        return starts.mapToObj(at -> of(at + 1, Math.min(slides, at + shown), at))
                .toList();
    }
}
