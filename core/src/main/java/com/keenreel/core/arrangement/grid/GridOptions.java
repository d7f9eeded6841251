package com.keenreel.core.arrangement.grid;

import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;
import com.keenreel.core.option.Spanning;

/** What only a grid has. */
public final class GridOptions {
    public static final Option<Cells> CELLS = new Option<>(
            "grid.cells",
            Meaning.of(
                    "cells",
                    "Whether all columns are equally wide, or every row is filled by whole pictures.",
                    "masonry",
                    "justified",
                    "mosaic",
                    "rows",
                    "columns"),
            OneOf.of(Cells.class, Cells::says),
            Cells.EQUAL);

    public static final Option<Integer> COLUMNS = new Option<>(
            "grid.columns",
            Meaning.of("columns", "How many cells stand side by side.", "number", "count", "wide"),
            new Count(1, 8),
            3,
            Scope.SET_UP);

    public static final Option<Double> HEIGHT = new Option<>(
            "grid.height",
            Meaning.of("height of rows", "What rows of whole pictures come near in height.", "size", "large", "small"),
            new Within(60, 600, 10, "px"),
            240.0,
            Scope.SET_UP);

    public static final Option<Spanning> SPAN = new Option<>(
            "grid.span",
            Meaning.of(
                    "cells of a slide",
                    "How many equal cells a slide takes; never more than there are columns.",
                    "span",
                    "size",
                    "larger",
                    "wide",
                    "tall"),
            OneOf.of(Spanning.class, Spanning::says),
            Spanning.ONE,
            Scope.SET_UP,
            Scope.SLIDE);

    public static final Option<Boolean> HOLES = new Option<>(
            "grid.holes",
            Meaning.of(
                    "holes",
                    "What stands in the holes that slides of several cells leave: later slides, out of their order, or nothing.",
                    "gaps",
                    "empty",
                    "order",
                    "dense"),
            new YesNo("filled by later slides", "left free"),
            false);

    public static final Option<Integer> PAGE = new Option<>(
            "grid.page",
            Meaning.of(
                    "slides on a page",
                    "How many slides are seen at once; visitors turn the pages by their numbers.",
                    "pages",
                    "pagination",
                    "number",
                    "more"),
            new Count(0, 60, "all"),
            0,
            Scope.SET_UP);

    private GridOptions() {}
}
