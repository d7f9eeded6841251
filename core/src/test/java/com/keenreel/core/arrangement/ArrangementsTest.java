package com.keenreel.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ArrangementsTest {
    private static boolean movesByItself(Reel reel) {
        return Arrangements.of(reel).movesByItself(reel);
    }

    @ParameterizedTest
    @MethodSource("com.keenreel.core.arrangement.Arrangements#starters")
    void aStarterMakesAReelOfItsPictures(Starter starter) {
        List<PictureId> pictures = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            pictures.add(new PictureId("p" + i));
        }
        int[] next = {0};
        Reel reel = starter.make(" Days ", Slot.FULL, pictures, () -> new SlideId("s" + next[0]++));
        assertThat(reel.name()).isEqualTo("Days");
        assertThat(reel.slides()).hasSize(starter.picturesPerSlide() == 2 ? 2 : 5);
        assertThat(Arrangements.of(reel).starters()).extracting(Starter::key).contains(starter.key());
        reel.choices()
                .all()
                .keySet()
                .forEach(option -> assertThat(Arrangements.of(reel).has(option))
                        .as("%s has an effect in %s", option, starter.key())
                        .isTrue());
    }

    @Test
    void whatMovesByItselfIsKnown() {
        Slide one = Slide.of(new SlideId("a"), new Carries.Plain(new Colour("#123456")));
        Slide two = Slide.of(new SlideId("b"), new Carries.Plain(new Colour("#123456")));
        Reel still = Reel.named("Still").withSlides(List.of(one, two));
        Reel moving = still.withChoices(Choices.USUAL.with(MotionOptions.AUTOPLAY, null, true));
        assertThat(movesByItself(still)).isFalse();
        assertThat(movesByItself(moving)).isTrue();
        assertThat(movesByItself(moving.withSlides(List.of(one)))).isFalse();
        assertThat(movesByItself(still.withChoices(Arrangements.usual(Arrangements.of("marquee")))))
                .isTrue();
        assertThat(still.hold(one)).isEqualTo(5000);
        assertThat(still.hold(one.withHold(700L))).isEqualTo(700);
    }
}
