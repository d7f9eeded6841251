package com.keenreel.core.arrangement.standing;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.option.Aligned;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Words.Field;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Moment;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class StandingTest {
    private Reel reel =
            choose(choose(Sample.reel("standing", 3), ShapeOptions.RATIO, new Ratio(2, 1)), ShapeOptions.GAP, 20.0);

    private Map<String, Measured> at(double width, Moment moment) {
        return Layout.of(reel, Sample.facts(1600, 800, 1600, 800, 1600, 800)).at(width, moment).stream()
                .collect(Collectors.toMap(Measured::name, Function.identity()));
    }

    private Map<String, Measured> scrolled(double px) {
        return at(1200, new Moment(800, 0, px));
    }

    private Reel says(int slide, Field field, String text) {
        return new SetWords(reel.slides().get(slide).id(), field, text).applyTo(reel);
    }

    @Test
    void aPictureStaysForItsOwnHeightAndThenGoesOnWithThePage() {
        // 1200 px wide they are 600 high and stay for 600; with 20 between them sections begin at 0, 1220 and 2440
        assertThat(at(1200, Moment.first(800)).get("frame").height()).isCloseTo(3 * 1200 + 2 * 20, within(1e-9));
        assertThat(scrolled(-50).get("picture-1").y()).isZero();
        assertThat(scrolled(0).get("picture-1").y()).isZero();
        assertThat(scrolled(250).get("picture-1").y()).isCloseTo(250, within(1e-9));
        assertThat(scrolled(600).get("picture-1").y()).isCloseTo(600, within(1e-9));
        assertThat(scrolled(900).get("picture-1").y()).isCloseTo(600, within(1e-9));
        assertThat(scrolled(1320).get("picture-2").y()).isCloseTo(1320, within(1e-9));
        assertThat(scrolled(1320).get("picture-3").y()).isCloseTo(2440, within(1e-9));
    }

    @Test
    void belowAHeadThatStaysToItStaysSoFarBelow() {
        reel = choose(reel, StandingOptions.EDGE, 80.0);
        assertThat(scrolled(-100).get("picture-1").y()).isZero();
        assertThat(scrolled(-30).get("picture-1").y()).isCloseTo(50, within(1e-9));
        assertThat(scrolled(500).get("picture-1").y()).isCloseTo(580, within(1e-9));
        assertThat(scrolled(560).get("picture-1").y()).isCloseTo(600, within(1e-9));
    }

    @Test
    void wordsGoWithThePageInTheMiddleOfTheSectionOnTheirSide() {
        reel = choose(says(0, Field.TITLE, "Found"), StandingOptions.PANEL, 50.0);
        Measured words = scrolled(300).get("words-1");
        assertThat(words).isEqualTo(new Measured("words-1", 24, 0, 600, 1200));
        reel = new SetOption<>(StandingOptions.SIDE, reel.slides().get(0).id(), null, Aligned.END).applyTo(reel);
        assertThat(scrolled(0).get("words-1").x()).isCloseTo(1200 - 600 - 24, within(1e-9));
    }

    @Test
    void itStaysForAsLongAsItsWordsNeed() {
        reel = choose(says(0, Field.TEXT, "word ".repeat(190).strip()), StandingOptions.STAYS, 20.0);
        double needed = scrolled(0).get("slide-1").height() - 600;
        assertThat(needed).as("more than the 120 px that were chosen").isGreaterThan(400);
        assertThat(scrolled(0).get("slide-2").height()).isCloseTo(720, within(1e-9));
    }

    @Test
    void aHeadingStandsAboveAndTheWholePictureBelow() {
        reel = choose(says(0, Field.TITLE, "Found"), StandingOptions.HEADINGS, true);
        reel = new SetOption<>(StandingOptions.AGAIN, reel.slides().get(0).id(), null, true).applyTo(reel);
        Map<String, Measured> boxes = scrolled(2000);
        double head = boxes.get("heading-1").height(); // one line of 32 px at 1.2, 24 above it and 12 below
        assertThat(head).isCloseTo(Math.ceil(32 * 1.2 + 36), within(1e-9));
        assertThat(boxes.get("picture-1").y()).isCloseTo(head + 600, within(1e-9));
        assertThat(boxes.get("again-1").y()).isCloseTo(head + 1200 + 20, within(1e-9));
        assertThat(boxes.get("again-1").height()).isCloseTo(600, within(1e-9));
        assertThat(boxes).doesNotContainKeys("words-1", "heading-2", "again-2");
        assertThat(boxes.get("slide-2").y()).isCloseTo(head + 1200 + 20 + 600 + 20, within(1e-9));
    }
}
