package com.keenreel.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sample;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Measured;
import java.util.List;
import org.junit.jupiter.api.Test;

class StackTest {
    @Test
    void slidesStandOneBelowAnother() {
        Reel reel = Sample.choose(Sample.reel("stack", 3), ShapeOptions.RATIO, new Ratio(16, 9));
        reel = Sample.choose(Sample.choose(reel, ShapeOptions.GAP, 20.0), Options.WORDS_PLACE, WordsPlace.NOWHERE);
        Layout layout = Layout.of(reel, Sample.facts(1600, 900, 1600, 900, 900, 1600));
        List<Measured> boxes = layout.at(800, 800); // each slide is 450 px high
        assertThat(boxes)
                .contains(
                        new Measured("frame", 0, 0, 800, 1390),
                        new Measured("slide-2", 0, 470, 800, 450),
                        new Measured("slide-3", 0, 940, 800, 450));
        assertThat(Arrangements.of(reel).movesByItself(reel)).isFalse();
        assertThat(Arrangements.of(reel).motion(reel).stops()).isFalse();
    }

    @Test
    void whereDividersMoveByThemselvesAPauseButtonStandsBelow() {
        Reel reel = Sample.choose(Sample.reel("stack", 3), ShapeOptions.RATIO, new Ratio(16, 9));
        reel = Sample.choose(Sample.choose(reel, ShapeOptions.GAP, 20.0), Options.WORDS_PLACE, WordsPlace.NOWHERE);
        Reel moves = Sample.choose(reel, PairOptions.SWEEP, SweepKind.AGAIN);
        Facts facts = Sample.facts(1600, 900, 1600, 900, 900, 1600);
        assertThat(Layout.of(moves, facts).at(800, 800))
                .as("nothing is compared")
                .contains(new Measured("frame", 0, 0, 800, 1390));
        assertThat(Layout.of(Sample.comparing(moves), facts).at(800, 800))
                .contains(new Measured("frame", 0, 0, 800, 1438), new Measured("pause", 748, 1394, 44, 44));
        assertThat(Layout.of(Sample.comparing(reel), facts).at(800, 800))
                .contains(new Measured("frame", 0, 0, 800, 1390));
    }
}
