package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.Spanning;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import java.util.Arrays;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How many cells a slide takes, for a hand that drags its edge on the wall.
 *
 * @param option that says so
 * @param phone columns and rows there, such as "2 1"
 * @param offers what can be chosen: columns, rows and the value that says them, such as "1 1 one, 2 1 wide"
 */
public record Spans(String option, String phone, String tablet, String desk, String offers) {
    static @Nullable Spans of(Reel reel, Arrangement arrangement, Slide slide) {
        Option<Spanning> option = arrangement.spanning(reel);
        if (option == null) {
            return null;
        }
        String offers = Arrays.stream(Spanning.values())
                .map(span -> said(span) + " " + option.domain().write(span))
                .collect(Collectors.joining(", "));
        return new Spans(
                option.key(),
                said(slide.chosen(option, SetUp.PHONE, reel.choices())),
                said(slide.chosen(option, SetUp.TABLET, reel.choices())),
                said(slide.chosen(option, SetUp.DESK, reel.choices())),
                offers);
    }

    private static String said(Spanning span) {
        return span.across() + " " + span.down();
    }
}
