package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.PairBoxes;
import java.util.Arrays;
import java.util.function.Supplier;

/** The sentences of the brief about comparisons, where they can be shown; idle where there are none. */
final class SaidOfPairs {
    private final Reel reel;
    private final Arrangement arrangement;
    private final boolean any;
    private final Supplier<Sentence> sentence;

    /**
     * Those of a reel.
     *
     * @param sentence begins another one
     */
    SaidOfPairs(Reel reel, Supplier<Sentence> sentence) {
        this.reel = reel;
        this.arrangement = Arrangements.of(reel);
        this.any = reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair);
        this.sentence = sentence;
    }

    private Sentence begin(String some, String none) {
        return sentence.get().idle(!any).text(any ? some : none);
    }

    /** When dividers move by themselves. */
    void motion() {
        if (!arrangement.has(PairOptions.SWEEP)) {
            return;
        }
        PairView view = reel.choices().get(PairOptions.VIEW);
        if (any && view == PairView.BLINK) {
            sentence.get()
                    .text("Sides change by themselves and are back after ")
                    .all(PairOptions.SWEEP_PERIOD)
                    .text(", until they are touched.");
            sentence.get().idle().text("Dividers would ").all(PairOptions.SWEEP).text(".");
            way("They would go to ", true).text(".");
            return;
        }
        boolean moves = any && !view.switches() && reel.choices().get(PairOptions.SWEEP) != SweepKind.NEVER;
        boolean said = any && !view.switches();
        sentence.get()
                .idle(!said)
                .text(said ? "Dividers " : "Dividers of comparisons would ")
                .all(PairOptions.SWEEP)
                .text(".");
        way(moves ? "They go to " : "They would go to ", !moves)
                .text(", and are back after ")
                .all(PairOptions.SWEEP_PERIOD)
                .text(".");
    }

    private Sentence way(String begins, boolean idle) {
        return sentence.get()
                .idle(idle)
                .text(begins)
                .all(PairOptions.SWEEP_TO)
                .text(", then to ")
                .all(PairOptions.SWEEP_FROM);
    }

    /** What moves them. */
    void steering() {
        if (arrangement.has(PairOptions.MOVED_BY)) {
            boolean moved = any && !reel.choices().get(PairOptions.VIEW).switches();
            sentence.get()
                    .idle(!moved)
                    .text(
                            moved
                                    ? "Dividers are moved by keys and by "
                                    : "Dividers of comparisons would be moved by keys and by ")
                    .all(PairOptions.MOVED_BY)
                    .text(".");
        }
    }

    /** What they look like. */
    void look() {
        if (!arrangement.has(PairOptions.HANDLE)) {
            return;
        }
        PairView view = reel.choices().get(PairOptions.VIEW);
        begin("Comparisons show their sides ", "Comparisons would show their sides ")
                .all(PairOptions.VIEW)
                .text(".");
        boolean divided = view == PairView.DIVIDER;
        sentence.get()
                .idle(!any || !divided)
                .text(any && divided ? "Sides of comparisons lie " : "With a divider sides would lie ")
                .by(PairOptions.DIRECTION)
                .text(".");
        begin("Dividers are held by ", "Dividers of comparisons would be held by ")
                .all(PairOptions.HANDLE)
                .text(" of ")
                .all(PairOptions.HANDLE_SIZE)
                .text(" in ")
                .all(PairOptions.HANDLE_COLOUR)
                .text(".");
        boolean across = Arrays.stream(SetUp.values()).anyMatch(setUp -> !PairBoxes.isDown(reel.choices(), setUp));
        Sentence names = begin("Names of sides stand ", "Names of sides would stand ");
        if (across) {
            names.by(PairOptions.NAMES_PLACE);
        } else {
            names.text("each at its own edge, or side by side ").by(PairOptions.NAMES_PLACE);
        }
        names.text(", ")
                .all(PairOptions.NAMES_SIZE)
                .text(" in size, in ")
                .all(PairOptions.NAMES_INK)
                .text(" on ")
                .all(PairOptions.NAMES_GROUND)
                .text(" that is ")
                .all(PairOptions.NAMES_DENSE)
                .text(" dense, and are seen ")
                .all(PairOptions.NAMES_POINTED)
                .text(".");
    }
}
