package com.keenreel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.marquee.MarqueeOptions;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class EditTest {
    private final Reel reel = Sample.reel("single", 4);

    private static SlideId slide(int n) {
        return new SlideId("s" + n);
    }

    private static List<String> order(Reel reel) {
        return reel.slides().stream().map(slide -> slide.id().value()).toList();
    }

    private static RandomEdits edits(long seed) {
        List<PictureId> pictures = List.of(new PictureId("p1"), new PictureId("p2"), new PictureId("p9"));
        return new RandomEdits(new Random(seed), pictures, new SetId("s1"));
    }

    /** A long run of random edits, each with its inverse: going back through the inverses ends at the start. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void everyEditCanBeUndone(long seed) {
        RandomEdits edits = edits(seed);
        Reel now = reel;
        List<Edit> inverses = new ArrayList<>();
        for (int step = 0; step < 120; step++) {
            Edit edit = edits.any(now, step);
            Edit inverse = edit.inverseOn(now);
            Reel changed = edit.applyTo(now);
            assertThat(inverse.applyTo(changed))
                    .as("seed %s step %s: %s", seed, step, edit)
                    .isEqualTo(now);
            assertThat(edit.say(now)).isNotBlank();
            inverses.add(inverse);
            now = changed;
        }
        for (int i = inverses.size() - 1; i >= 0; i--) {
            now = inverses.get(i).applyTo(now);
        }
        assertThat(now).isEqualTo(reel);
    }

    /** Whatever was done in between: the difference of two states, edited into the first, gives the second. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void theDifferenceOfTwoStatesLeadsFromOneToTheOther(long seed) {
        RandomEdits edits = edits(seed);
        Reel now = reel;
        for (int step = 0; step < 60; step++) {
            now = edits.any(now, step).applyTo(now);
            Reel replayed = reel;
            for (Edit edit : Difference.between(reel, now)) {
                replayed = edit.applyTo(replayed);
            }
            assertThat(replayed).as("seed %s step %s", seed, step).isEqualTo(now);
        }
        assertThat(Difference.between(now, now)).isEmpty();
    }

    @Test
    void theDifferenceLeavesOutWhatWasTakenBack() {
        Reel there = new SetHold(slide(2), 6500L).applyTo(new MoveSlide(slide(4), slide(1)).applyTo(reel));
        Reel back = new MoveSlide(slide(4), null).applyTo(there);
        assertThat(Difference.inWords(reel, back)).containsExactly("slide 2 stands 6.5 s instead of 5 s");
        assertThat(Difference.inWords(reel, there)).contains("slide 4 before slide 1");
    }

    @Test
    void movesByIdWhateverStandsWhere() {
        assertThat(order(new MoveSlide(slide(3), slide(1)).applyTo(reel))).containsExactly("s3", "s1", "s2", "s4");
        assertThat(order(new MoveSlide(slide(1), null).applyTo(reel))).containsExactly("s2", "s3", "s4", "s1");
        assertThat(order(new MoveSlide(slide(2), new SlideId("gone")).applyTo(reel)))
                .containsExactly("s1", "s3", "s4", "s2");
    }

    @Test
    void anExchangedPictureKeepsWordsHoldAndLink() {
        Reel spoken = new SetWords(slide(2), Words.Field.LINK, "https://fennock.example/days")
                .applyTo(new SetHold(slide(2), 6500L).applyTo(reel));
        Slide changed = new SetCarried(slide(2), new Carries.Picture(new PictureId("other")))
                .applyTo(spoken)
                .slides()
                .get(1);
        assertThat(changed.words().link()).isEqualTo("https://fennock.example/days");
        assertThat(changed.hold()).isEqualTo(6500L);
        assertThat(changed.carries().pictures()).containsExactly(new PictureId("other"));
    }

    @Test
    void refusesWithASentence() {
        assertThatThrownBy(() -> new SetHold(slide(1), 100L).applyTo(reel))
                .isInstanceOf(Refusal.class)
                .hasMessage("A slide stands 0.5 to 120 s.");
        assertThatThrownBy(() -> new RemoveSlide(new SlideId("gone")).applyTo(reel))
                .isInstanceOf(Refusal.class)
                .hasMessage("That slide is no longer in the reel.");
        assertThatThrownBy(() -> SetOption.read(ShapeOptions.GAP, null, null, "900"))
                .isInstanceOf(Refusal.class)
                .hasMessage("900 is not within 0 to 160 px.");
        assertThatThrownBy(() -> new SetWords(slide(1), Words.Field.LINK, "javascript:alert(1)").applyTo(reel))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("not javascript:");
        assertThatThrownBy(() -> new SetOption<>(MarqueeOptions.SPEED, SetUp.PHONE, 60.0).applyTo(reel))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("the same on every screen");
        assertThatThrownBy(() -> new AddSlide(reel.slides().get(0), null).applyTo(reel))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void saysWhatItDoes() {
        assertThat(new MoveSlide(slide(3), slide(2)).say(reel)).isEqualTo("slide 3 before slide 2");
        assertThat(new SetHold(slide(1), 6500L).say(reel)).isEqualTo("slide 1 stands 6.5 s instead of 5 s");
        assertThat(new SetOption<>(ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5)).say(reel))
                .isEqualTo("ratio on phone: 4:5 instead of as everywhere");
        assertThat(new SetOption<>(SteeringOptions.ARROWS, SetUp.PHONE, false).say(reel))
                .isEqualTo("no arrows on phone");
        assertThat(new SetOption<>(MotionOptions.AUTOPLAY, null, true).say(reel))
                .isEqualTo("goes on: by itself");
        assertThat(new SetOption<>(SteeringOptions.ARROWS, SetUp.PHONE, (Boolean) null).say(reel))
                .isEqualTo("arrows on phone: as everywhere");
        assertThat(new SetCarried(slide(1), new Carries.Plain(new Colour("#aa3355"))).say(reel))
                .isEqualTo("colour of slide 1: #aa3355");
    }

    @Test
    void setUpsOverrideAllAndFallBack() {
        Reel chosen = new SetOption<>(ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5))
                .applyTo(new SetOption<>(ShapeOptions.RATIO, null, new Ratio(12, 5)).applyTo(reel));
        assertThat(chosen.choices().get(ShapeOptions.RATIO, SetUp.PHONE)).isEqualTo(new Ratio(4, 5));
        assertThat(chosen.choices().get(ShapeOptions.RATIO, SetUp.DESK)).isEqualTo(new Ratio(12, 5));
        assertThat(reel.choices().get(ShapeOptions.RATIO, SetUp.DESK)).isEqualTo(new Ratio(16, 9));
    }

    @Test
    void undoAndRedoWalkAHistoryThatOnlyGrows() {
        Undoing.Step edit1 = new Undoing.Step(2, null);
        Undoing.Step edit2 = new Undoing.Step(3, null);
        Undoing.Step undo2 = new Undoing.Step(4, 3L);
        Undoing.Step redo2 = new Undoing.Step(5, 4L);
        assertThat(new Undoing(List.of(edit1, edit2)).toUndo()).contains(3L);
        assertThat(new Undoing(List.of(edit1, edit2, undo2)).toUndo()).contains(2L);
        assertThat(new Undoing(List.of(edit1, edit2, undo2)).toRedo()).contains(4L);
        assertThat(new Undoing(List.of(edit1, edit2, undo2, redo2)).toUndo()).contains(5L);
        assertThat(new Undoing(List.of(edit1, edit2, undo2, redo2)).toRedo()).isEmpty();
        assertThat(new Undoing(List.of(edit1, edit2, undo2, new Undoing.Step(5, null))).toRedo())
                .isEmpty();
        assertThat(new Undoing(List.of()).toUndo()).isEmpty();
    }
}
