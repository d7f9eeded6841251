package com.keenreel.core.arrangement.row;

import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;

/** What only slides side by side have. */
public final class RowOptions {
    public static final Option<Double> SHOWN = new Option<>(
            "row.shown", "How many whole slides stand side by side.", new Within(1, 8, 1, ""), 3.0, Scope.SET_UP);

    public static final Option<Double> PART = new Option<>(
            "row.part", "How much of the next slide shows at the edge.", new Within(0, 90, 5, "%"), 0.0, Scope.SET_UP);

    private RowOptions() {}
}
