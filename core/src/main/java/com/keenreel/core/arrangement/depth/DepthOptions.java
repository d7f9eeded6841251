package com.keenreel.core.arrangement.depth;

import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;

/** What only slides in depth have. */
public final class DepthOptions {
    public static final Option<Integer> NEIGHBOURS = new Option<>(
            "depth.neighbours",
            Meaning.of("neighbours", "How many slides are seen on each side of the one in front.", "number", "visible"),
            new Count(0, 4),
            2,
            Scope.SET_UP);

    public static final Option<Double> OVERLAP = new Option<>(
            "depth.overlap",
            Meaning.of(
                    "overlap",
                    "How much of what would be seen of a slide is hidden behind the one before it.",
                    "spacing",
                    "distance",
                    "gap"),
            new Within(0, 80, 5, "%"),
            40.0,
            Scope.SET_UP);

    public static final Option<Double> TURN = new Option<>(
            "depth.turn",
            Meaning.of("turn", "How far neighbours are turned away.", "angle", "rotate", "perspective"),
            new Within(0, 75, 5, "degrees"),
            35.0,
            Scope.SET_UP);

    public static final Option<Double> SHRINK = new Option<>(
            "depth.shrink",
            Meaning.of("shrinking", "How much smaller each neighbour is than the one before it.", "scale", "size"),
            new Within(0, 50, 5, "%"),
            10.0,
            Scope.SET_UP);

    public static final Option<Double> FADE = new Option<>(
            "depth.fade",
            Meaning.of("fading", "How much paler each neighbour is than the one before it.", "opacity", "transparent"),
            new Within(0, 90, 5, "%"),
            15.0,
            Scope.SET_UP);

    public static final Option<Boolean> ENDLESS = new Option<>(
            "depth.endless",
            Meaning.of("after the last slide", "What follows the last slide.", "loop", "endless", "infinite", "rewind"),
            new YesNo("the first follows the last", "it ends with the last"),
            true);

    private DepthOptions() {}
}
