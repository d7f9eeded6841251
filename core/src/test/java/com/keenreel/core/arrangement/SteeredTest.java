package com.keenreel.core.arrangement;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sample;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SteeredTest {
    private static final Facts FACTS = Sample.facts(16, 9, 16, 9, 16, 9, 16, 9, 16, 9);
    private static final List<Part> PRESSED =
            List.of(Part.PREVIOUS, Part.NEXT, Part.dot(1), Part.COUNT, Part.THUMBS, Part.SCREEN, Part.FITS);

    private static Reel full(String arrangement) {
        Reel reel = choose(Sample.reel(arrangement, 5), MotionOptions.AUTOPLAY, true);
        reel = choose(choose(reel, SteeringOptions.SCREEN, true), SteeringOptions.FITS, true);
        reel = choose(choose(reel, SteeringOptions.ARROWS, SetUp.PHONE, true), ThumbOptions.SHOWN, true);
        return choose(reel, SteeringOptions.ONLY_PAUSED, true);
    }

    @ParameterizedTest
    @ValueSource(strings = {"single", "row", "depth"})
    void whoOnlyPausesItHasNothingElseToPress(String arrangement) {
        Layout layout = Layout.of(full(arrangement), FACTS);
        assertThat(layout.stands(Part.PAUSE)).isTrue();
        assertThat(layout.parts()).doesNotContainAnyElementsOf(PRESSED);
        Reel steered = Steered.of(full(arrangement));
        for (SetUp setUp : SetUp.values()) {
            assertThat(steered.choices().get(SteeringOptions.KEYS, setUp)).isFalse();
            assertThat(steered.choices().get(SteeringOptions.SWIPE, setUp)).isFalse();
        }
    }

    @Test
    void whatDoesNotGoOnByItselfIsSteered() {
        Reel asked = choose(full("single"), MotionOptions.AUTOPLAY, false);
        assertThat(Steered.of(asked)).isSameAs(asked);
        assertThat(Layout.of(asked, FACTS).stands(Part.NEXT)).isTrue();
        Reel back = choose(full("single"), SteeringOptions.ONLY_PAUSED, false);
        assertThat(Layout.of(back, FACTS).parts()).contains(Part.NEXT, Part.THUMBS, Part.SCREEN, Part.FITS);
    }
}
