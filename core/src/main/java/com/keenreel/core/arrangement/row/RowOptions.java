package com.keenreel.core.arrangement.row;

import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;
import java.util.List;

/** What only slides side by side have. */
public final class RowOptions {
    public static final Option<Integer> SHOWN = new Option<>(
            "row.shown",
            Meaning.of(
                    "slides in sight",
                    "How many whole slides stand side by side.",
                    "columns",
                    "number",
                    "visible",
                    "count"),
            new Count(1, 8),
            3,
            Scope.SET_UP);

    public static final Option<Double> PART = new Option<>(
            "row.part",
            Meaning.of(
                    "part of the next slide",
                    "How much of the next slide shows at the edge.",
                    "peek",
                    "cut off",
                    "partly"),
            new Within(0, 90, 5, "%"),
            0.0,
            Scope.SET_UP);

    public static final Option<Boolean> UPRIGHT = new Option<>(
            "row.upright",
            Meaning.of(
                    "direction of the row",
                    "Whether slides stand side by side or one below another; a finger on an upright row scrolls the page.",
                    "vertical",
                    "horizontal",
                    "column",
                    "up",
                    "down"),
            new YesNo("stand one below another", "stand side by side"),
            false);

    public static final Option<Boolean> VIEWS = new Option<>(
            "row.views",
            Meaning.of(
                    "step",
                    "How far it moves: by one slide, or by as many as stand side by side.",
                    "scroll",
                    "page",
                    "group",
                    "several"),
            new YesNo("by all that are in sight", "by one slide"),
            false);

    public static final Option<Boolean> ENDLESS = new Option<>(
            "row.endless",
            Meaning.of(
                    "after the last slide",
                    "What follows the last slide of a row.",
                    "endless",
                    "infinite",
                    "loop",
                    "circular",
                    "repeat",
                    "carousel"),
            new YesNo("the first one follows, without end", "it runs back to the first one"),
            false);

    public static final Option<Boolean> MIDDLE = new Option<>(
            "row.middle",
            Meaning.of(
                    "place of the current slide",
                    "Where the slide stands that is looked at: first in sight, or with neighbours on both sides.",
                    "centre",
                    "center",
                    "centred",
                    "focus"),
            new YesNo("in the middle", "first in sight"),
            false);

    public static final Option<Double> PALER = new Option<>(
            "row.paler",
            Meaning.of(
                    "paler neighbours",
                    "How much paler the neighbours of the one in the middle are.",
                    "fade",
                    "opacity",
                    "transparent",
                    "dim"),
            new Within(0, 80, 5, "%"),
            0.0);

    public static final Option<Double> SMALLER = new Option<>(
            "row.smaller",
            Meaning.of(
                    "smaller neighbours",
                    "How much smaller the neighbours of the one in the middle are.",
                    "scale",
                    "size",
                    "zoom",
                    "shrink"),
            new Within(0, 40, 5, "%"),
            0.0);

    /** All of them. */
    static final List<Option<?>> ALL = List.of(SHOWN, PART, UPRIGHT, VIEWS, ENDLESS, MIDDLE, PALER, SMALLER);

    private RowOptions() {}
}
