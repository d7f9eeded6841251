package com.keenreel.core.arrangement.trial;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Scrolled;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class TrialTest {
    private static Layout layout() {
        Reel reel =
                choose(choose(Sample.reel("trial", 6), ShapeOptions.GAP, 20.0), ShapeOptions.RATIO, new Ratio(1, 1));
        reel = choose(reel, Options.WORDS_PLACE, WordsPlace.NOWHERE);
        reel = new SetOption<>(Trial.SPAN, reel.slides().get(1).id(), null, 2).applyTo(reel);
        return Layout.of(reel, Sample.facts(90, 60, 90, 60, 90, 60, 90, 60, 90, 60, 90, 60));
    }

    private static Map<String, Measured> at(double width) {
        return layout().at(width, 800).stream().collect(Collectors.toMap(Measured::name, Function.identity()));
    }

    @Test
    void aSetUpHasAsManyRangesAsItNeedsExactAtTheirLimits() {
        List<Range> desk = layout().ranges(SetUp.DESK);
        assertThat(desk).hasSize(3);
        assertThat(layout().ranges()).hasSize(5);
        // 3 columns of (1200 - 40) / 3; the second cell spans two of them, so that the third begins a row
        assertThat(at(1200).get("slide-1").width()).isCloseTo(1160 / 3.0, within(1e-9));
        assertThat(at(1200).get("slide-2").width()).isCloseTo(2 * 1160 / 3.0 + 20, within(1e-9));
        assertThat(at(1200).get("slide-3").y()).isCloseTo(1160 / 3.0 + 20, within(1e-9));
        assertThat(at(1200.99).get("slide-1").width()).isCloseTo(1160.99 / 3, within(1e-9));
        assertThat(at(1201).get("slide-1").width()).isCloseTo(1141 / 4.0, within(1e-9));
        assertThat(at(1599.99).get("slide-1").width()).isCloseTo(1539.99 / 4, within(1e-9));
        assertThat(at(1600).get("slide-1").width()).isCloseTo(1520 / 5.0, within(1e-9));
        assertThat(layout().hostFrom(desk.get(1).span())).isEqualTo(1201);
        assertThat(layout().usual(SetUp.DESK).span().from()).isEqualTo(1201);
    }

    @Test
    void aReelHasGoneItsWayWhenItHasLeftTheWindow() {
        assertThat(Scrolled.gone(800, 400, 800)).isZero();
        assertThat(Scrolled.gone(200, 400, 800)).isEqualTo(0.5);
        assertThat(Scrolled.gone(-400, 400, 800)).isEqualTo(1);
        assertThat(Scrolled.gone(-9000, 400, 800)).isEqualTo(1);
    }
}
