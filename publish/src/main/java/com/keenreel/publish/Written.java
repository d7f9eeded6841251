package com.keenreel.publish;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Markup in its pieces.
 *
 * @param slides the slides where an edit may change one of them; none where all stands in what is before them
 */
record Written(String before, List<OneSlide> slides, String after) {
    static final Written NOTHING = new Written("", List.of(), "");

    /**
     * A slide's markup.
     *
     * @param pair whether it carries a comparison, to whose parts the player holds on
     */
    record OneSlide(String html, boolean pair) {}

    String text() {
        return slides.stream().map(OneSlide::html).collect(Collectors.joining("", before, after));
    }
}
