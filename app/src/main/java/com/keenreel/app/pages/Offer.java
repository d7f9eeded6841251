package com.keenreel.app.pages;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/**
 * One of the things that a list offers.
 *
 * @param value what choosing it sends
 * @param words what it is called
 * @param chosen whether it is chosen at present
 */
public record Offer(String value, String words, boolean chosen) {
    /**
     * Offers in their order.
     *
     * @param chosen the value of the one that is chosen
     */
    public static <T> List<Offer> of(List<T> all, Function<T, String> value, Function<T, String> words, String chosen) {
        return all.stream()
                .map(one -> new Offer(
                        value.apply(one), words.apply(one), value.apply(one).equals(chosen)))
                .toList();
    }

    /**
     * Offers that are written as value and words by turns.
     *
     * @param chosen the value of the one that is chosen
     */
    public static List<Offer> of(String chosen, String... valuesAndWords) {
        List<String> all = Arrays.asList(valuesAndWords);
        return IntStream.range(0, all.size() / 2)
                .mapToObj(i -> new Offer(
                        all.get(2 * i), all.get(2 * i + 1), all.get(2 * i).equals(chosen)))
                .toList();
    }
}
