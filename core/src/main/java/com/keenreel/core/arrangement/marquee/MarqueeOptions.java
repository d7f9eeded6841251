package com.keenreel.core.arrangement.marquee;

import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
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

    private MarqueeOptions() {}
}
