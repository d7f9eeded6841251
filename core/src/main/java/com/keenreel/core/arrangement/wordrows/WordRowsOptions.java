package com.keenreel.core.arrangement.wordrows;

import com.keenreel.core.option.Domain.Count;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;
import java.util.List;

/** What only rows of words have. */
public final class WordRowsOptions {
    public static final Option<Integer> ROWS = new Option<>(
            "wordrows.rows",
            Meaning.of("rows", "In how many rows the words stand, at the most.", "lines", "number", "count"),
            new Count(1, 8),
            3,
            Scope.SET_UP);

    public static final Option<Double> SIZE = new Option<>(
            "wordrows.size",
            Meaning.of("size of words", "How large the words are.", "font", "type", "letters", "large", "small"),
            new Within(20, 200, 4, "px"),
            96.0,
            Scope.SET_UP);

    public static final Option<Boolean> SHIFTS = new Option<>(
            "wordrows.shifts",
            Meaning.of(
                    "rows and scrolling",
                    "Whether rows shift sideways while the page is scrolled, one to the left and the next to the right; where they"
                            + " do not, words are no larger than what the longest row has room for.",
                    "scroll",
                    "parallax",
                    "move",
                    "animation"),
            new YesNo("shift in turn", "stand still"),
            true);

    public static final Option<Boolean> LINES = new Option<>(
            "wordrows.lines",
            Meaning.of("lines between rows", "A thin line between two rows.", "divider", "rule", "border", "separator"),
            new YesNo("with lines between them", "without lines"),
            false);

    public static final Option<Double> PICTURE = new Option<>(
            "wordrows.picture",
            Meaning.of(
                    "width of pictures",
                    "How wide the picture of a word is; never higher than all rows together.",
                    "size",
                    "large",
                    "small"),
            new Within(10, 100, 2, "% of its width"),
            36.0,
            Scope.SET_UP,
            Scope.SLIDE);

    public static final Option<Double> ACROSS = new Option<>(
            "wordrows.across",
            Meaning.of(
                    "place of pictures, across",
                    "Where a picture appears: 0 % at the start of the rows, 100 % at their end.",
                    "position",
                    "offset",
                    "left",
                    "right"),
            new Within(0, 100, 5, "%"),
            60.0,
            Scope.SET_UP,
            Scope.SLIDE);

    public static final Option<Double> DOWN = new Option<>(
            "wordrows.down",
            Meaning.of(
                    "place of pictures, down",
                    "Where a picture appears: 0 % at the first row, 100 % at the last.",
                    "position",
                    "offset",
                    "top",
                    "bottom"),
            new Within(0, 100, 5, "%"),
            50.0,
            Scope.SET_UP,
            Scope.SLIDE);

    /** All of them. */
    static final List<Option<?>> ALL = List.of(ROWS, SIZE, SHIFTS, LINES, PICTURE, ACROSS, DOWN);

    private WordRowsOptions() {}
}
