package com.keenreel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sample;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * A thousand edits of one window, with edits of another in between: undone to the start and done again to the end, both
 * ends are what they were, and what the other window did is still there.
 */
class LongSessionTest {
    private static final int EDITS = 1000;

    /** One window's history: what it did, and what would take that back, as a store keeps it. */
    private static final class History {
        private final List<Undoing.Step> steps = new ArrayList<>();
        private final List<Edit> inverses = new ArrayList<>();
        private Reel head;

        History(Reel start) {
            head = start;
        }

        void apply(Edit edit, Long undoes) {
            Edit inverse = edit.inverseOn(head);
            head = edit.applyTo(head);
            inverses.add(inverse);
            steps.add(new Undoing.Step(inverses.size(), undoes));
        }

        boolean undo() {
            Long target = new Undoing(steps).toUndo().orElse(null);
            return take(target);
        }

        boolean redo() {
            Long target = new Undoing(steps).toRedo().orElse(null);
            return take(target);
        }

        private boolean take(Long target) {
            if (target == null) {
                return false;
            }
            apply(inverses.get((int) (target - 1)), target);
            return true;
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13})
    void bothEndsAreWhatTheyWere(long seed) {
        Random random = new Random(seed);
        Reel start = Sample.reel("single", 6);
        List<SlideId> theirs = start.slides().stream().map(Slide::id).toList();
        History mine = new History(start);
        List<Edit> others = new ArrayList<>();
        RandomEdits edits = new RandomEdits(
                random, List.of(new PictureId("p1"), new PictureId("p2"), new PictureId("p9")), new SetId("s1"));
        Set<Class<?>> kinds = new HashSet<>();
        for (int i = 0; i < EDITS; i++) {
            Edit edit = edits.any(mine.head, i);
            kinds.add(edit.getClass());
            mine.apply(edit, null);
            if (i % 10 == 0) {
                Edit other = other(random, theirs, i);
                if (other instanceof SetWords say
                        && mine.head.slide(say.slide()).isEmpty()) {
                    continue; // the slide is out of the reel at that moment: it would be refused
                }
                mine.head = other.applyTo(mine.head);
                others.add(other);
            }
        }
        Reel end = mine.head;
        assertThat(kinds).as("every kind of edit").containsExactlyInAnyOrderElementsOf(RandomEdits.kinds());

        int undone = 0;
        while (mine.undo()) {
            undone++;
        }
        assertThat(undone).isEqualTo(EDITS);
        Reel startAndTheirs = start;
        for (Edit other : others) {
            startAndTheirs = other.applyTo(startAndTheirs);
        }
        assertThat(mine.head).as("the start, with what the other window did").isEqualTo(startAndTheirs);
        assertThat(others).hasSizeGreaterThan(30);

        while (mine.redo()) {
            undone--;
        }
        assertThat(undone).isZero();
        assertThat(mine.head).as("the end").isEqualTo(end);
    }

    /** What no edit of mine touches. */
    private static Edit other(Random random, List<SlideId> slides, int i) {
        return random.nextBoolean()
                ? new SetWords(slides.get(random.nextInt(slides.size())), Words.Field.TEXT, "Theirs " + i)
                : new SetOption<>(ShapeOptions.GAP, null, (double) random.nextInt(100));
    }
}
