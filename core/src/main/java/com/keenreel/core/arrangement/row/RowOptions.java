package com.keenreel.core.arrangement.row;

import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;

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

    private RowOptions() {}
}
