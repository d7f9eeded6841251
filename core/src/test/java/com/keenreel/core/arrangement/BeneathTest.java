package com.keenreel.core.arrangement;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.Sample;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SeenThrough;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.Mosaic;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Tones;
import com.keenreel.core.reel.Video;
import com.keenreel.core.space.Facts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class BeneathTest {
    private static final Colour BLACK = new Colour("#000000");
    private static final Colour GREY = new Colour("#808080");
    private static final Extent DARK = new Extent(BLACK, GREY);
    private static final Extent LIGHT = new Extent(GREY, Colour.WHITE);

    /** Three pictures of 1600 x 900 with these cells. */
    private static Facts facts(IntFunction<Extent> cells, UnaryOperator<PictureFacts> second) {
        List<Extent> all = new ArrayList<>();
        for (int cell = 0; cell < Mosaic.SIDE * Mosaic.SIDE; cell++) {
            all.add(cells.apply(cell));
        }
        Tones tones = new Tones(GREY, List.of(), new Mosaic(all));
        Facts plain = Sample.facts(1600, 900, 1600, 900, 1600, 900);
        Map<PictureId, PictureFacts> pictures = new HashMap<>();
        plain.pictures()
                .forEach((id, one) -> pictures.put(
                        id,
                        new PictureFacts(id, one.width(), one.height(), one.focal(), one.inked(), one.clear(), tones)));
        pictures.computeIfPresent(new PictureId("p2"), (id, one) -> second.apply(one));
        return new Facts(pictures, plain.words(), plain.type());
    }

    /** Light in the lower quarter, where marks and pause stand; dark elsewhere. */
    private static Extent lightBelow(int cell) {
        return cell / Mosaic.SIDE >= 6 ? LIGHT : DARK;
    }

    private static Extent beneath(Reel reel, Facts facts) {
        return Beneath.of(reel, Layout.of(reel, facts), facts, SetUp.DESK);
    }

    @Test
    void onlyWhatLiesBeneathCountsWhereSlidesStand() {
        Reel reel = choose(Sample.reel("single", 3), ShapeOptions.RATIO, new Ratio(16, 9));
        Reel marks = choose(reel, SteeringOptions.ARROWS, false);
        Facts facts = facts(BeneathTest::lightBelow, one -> one);
        assertThat(beneath(marks, facts)).as("at the foot").isEqualTo(LIGHT);
        assertThat(beneath(reel, facts)).as("and at the sides").isEqualTo(new Extent(BLACK, Colour.WHITE));
        Reel arrows = choose(choose(reel, SteeringOptions.DOTS, false), MotionOptions.AUTOPLAY, false);
        assertThat(beneath(arrows, facts)).isEqualTo(DARK);
        SeenThrough seen = new SeenThrough(Colour.WHITE, Colour.DARK);
        double onDark = seen.density(DARK.darkest(), DARK.lightest(), SeenThrough.CONTROLS)
                .orElseThrow();
        double onAny = seen.density(BLACK, Colour.WHITE, SeenThrough.CONTROLS).orElseThrow();
        assertThat(onDark).as("less is enough on dark pictures").isLessThan(onAny - 0.2);
    }

    @Test
    void aPlainColourIsAllThatItsSlideHas() {
        Reel reel = choose(Sample.reel("single", 1), SteeringOptions.ARROWS, false);
        Reel plain = reel.withSlides(List.of(
                reel.slides().get(0).withCarries(new Carries.Plain(GREY)),
                Sample.reel("single", 2).slides().get(1).withCarries(new Carries.Plain(BLACK))));
        assertThat(beneath(plain, Sample.facts())).isEqualTo(new Extent(BLACK, GREY));
    }

    @Test
    void whatMovesBeneathOrIsNotKnownCountsWhole() {
        Facts facts = facts(BeneathTest::lightBelow, one -> one);
        Facts playing = facts(BeneathTest::lightBelow, one -> one.of(new Video(2000)));
        Reel single = choose(
                choose(Sample.reel("single", 3), ShapeOptions.RATIO, new Ratio(16, 9)), SteeringOptions.ARROWS, false);
        assertThat(beneath(single, playing)).isEqualTo(Extent.ANY);
        assertThat(beneath(single, Sample.facts(1600, 900, 1600, 900, 1600, 900)))
                .isEqualTo(Extent.ANY);
        assertThat(beneath(Sample.reel("row", 3), facts)).isEqualTo(new Extent(BLACK, Colour.WHITE));
    }

    @Test
    void aPartOfAMosaicHasTheCellsThatItTouches() {
        List<Extent> cells = new ArrayList<>();
        for (int cell = 0; cell < Mosaic.SIDE * Mosaic.SIDE; cell++) {
            cells.add(Extent.of(new Colour(String.format("#%02x0000", cell))));
        }
        Mosaic mosaic = new Mosaic(cells);
        assertThat(mosaic.in(0, 0, 0.125, 0.125)).isEqualTo(Extent.of(new Colour("#000000")));
        assertThat(mosaic.in(0.1, 0.1, 0.126, 0.126))
                .isEqualTo(new Extent(new Colour("#000000"), new Colour("#090000")));
        assertThat(mosaic.in(0.99, 0.99, 1.2, 1.2)).isEqualTo(Extent.of(new Colour("#3f0000")));
        assertThat(mosaic.all()).isEqualTo(new Extent(new Colour("#000000"), new Colour("#3f0000")));
        assertThat(Mosaic.UNKNOWN.all()).isEqualTo(Extent.ANY);
    }
}
