package com.keenreel.core.arrangement.marquee;

import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;
import java.util.List;

/** What only an endless band has. */
public final class MarqueeOptions {
    public static final Option<Double> HEIGHT = new Option<>(
            "marquee.height",
            Meaning.of("height of logos", "The common height of the logos.", "size", "large", "small"),
            new Within(20, 320, 2, "px"),
            50.0,
            Scope.SET_UP);

    public static final Option<Double> SPEED = new Option<>(
            "marquee.speed",
            Meaning.of("speed", "How fast the band moves; the same on every screen.", "slow", "duration"),
            new Within(5, 400, 5, "px/s"),
            60.0);

    public static final Option<Way> WAY = new Option<>(
            "marquee.way",
            Meaning.of("direction", "Which way the band moves.", "direction", "left", "right", "reverse"),
            new OneOf<>(List.of(Way.values()), Way::word, Way::says),
            Way.ONWARD);

    public static final Option<Boolean> BALANCED = new Option<>(
            "marquee.balanced",
            Meaning.of(
                    "balance",
                    "Whether logos that look larger stand lower, so that all are equally heavy.",
                    "optical",
                    "size",
                    "equal",
                    "weight"),
            new YesNo("balanced for the eye", "all equally high"),
            false);

    public static final Option<Boolean> TRIMMED = new Option<>(
            "marquee.trimmed",
            Meaning.of(
                    "margins of logos",
                    "Whether empty margins in the files are left away.",
                    "trim",
                    "crop",
                    "white space",
                    "padding"),
            new YesNo("left away", "kept"),
            false);

    public static final Option<Pointed> POINTED = new Option<>(
            "marquee.pointed",
            Meaning.of(
                    "while pointed at",
                    "What the band does under a pointer; there is always a pause button.",
                    "hover",
                    "pause",
                    "slow",
                    "mouse"),
            OneOf.of(Pointed.class, Pointed::says),
            Pointed.STOPS);

    public static final Option<Double> TALL = new Option<>(
            "marquee.tall",
            Meaning.of("height of the band", "How high a band is that moves up or down.", "size", "vertical"),
            new Within(80, 1200, 10, "px"),
            320.0,
            Scope.SET_UP);

    /** All of them. */
    static final List<Option<?>> ALL = List.of(HEIGHT, SPEED, WAY, TALL, BALANCED, TRIMMED, POINTED);

    private MarqueeOptions() {}
}
