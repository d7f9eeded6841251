package com.keenreel.core.arrangement.standing;

import com.keenreel.core.option.Aligned;
import com.keenreel.core.option.Domain.OneOf;
import com.keenreel.core.option.Domain.Within;
import com.keenreel.core.option.Domain.YesNo;
import com.keenreel.core.option.Meaning;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Scope;
import java.util.List;

/** What only standing pictures have. */
public final class StandingOptions {
    public static final Option<Double> STAYS = new Option<>(
            "standing.stays",
            Meaning.of(
                    "how long it stays",
                    "How far the page is scrolled while a picture stays, in heights of the picture; further where its words need it.",
                    "sticky",
                    "pinned",
                    "fixed",
                    "duration",
                    "scroll"),
            new Within(20, 300, 10, "% of its height"),
            100.0,
            Scope.SET_UP,
            Scope.SLIDE);

    public static final Option<Double> EDGE = new Option<>(
            "standing.edge",
            Meaning.of(
                    "distance from the window's edge",
                    "How far below the upper edge of the window a picture stays, where the page's own head stays there.",
                    "header",
                    "offset",
                    "top",
                    "sticky"),
            new Within(0, 200, 4, "px"),
            0.0,
            Scope.SET_UP);

    public static final Option<Aligned> SIDE = new Option<>(
            "standing.side",
            Meaning.of("side of words", "Where words pass over the picture.", "left", "right", "panel", "position"),
            OneOf.of(Aligned.class, Aligned::say),
            Aligned.START,
            Scope.SET_UP,
            Scope.SLIDE);

    public static final Option<Double> PANEL = new Option<>(
            "standing.panel",
            Meaning.of(
                    "room for words",
                    "How much of the picture's width the words have; no line is longer than can be read.",
                    "width",
                    "panel",
                    "column"),
            new Within(25, 100, 5, "% of its width"),
            45.0,
            Scope.SET_UP);

    public static final Option<Boolean> HEADINGS = new Option<>(
            "standing.headings",
            Meaning.of(
                    "place of titles",
                    "Whether titles pass over the picture with the other words, or stand above it as headings.",
                    "heading",
                    "section",
                    "title"),
            new YesNo("above the picture", "with the other words"),
            false);

    public static final Option<Boolean> AGAIN = new Option<>(
            "standing.again",
            Meaning.of(
                    "whole picture below",
                    "Whether the picture is shown once more below, whole and without words.",
                    "repeat",
                    "uncropped",
                    "full"),
            new YesNo("once more below, whole", "not again"),
            false,
            Scope.SLIDE);

    /** All of them. */
    static final List<Option<?>> ALL = List.of(STAYS, EDGE, SIDE, PANEL, HEADINGS, AGAIN);

    private StandingOptions() {}
}
