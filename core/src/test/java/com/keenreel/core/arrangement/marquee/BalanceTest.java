package com.keenreel.core.arrangement.marquee;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.marquee.Balance.Mark;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits.Inked;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

class BalanceTest {
    @Test
    void alikeLogosHaveTheCommonHeight() {
        assertThat(Balance.shares(List.of(new Mark(3, 0.4), new Mark(3, 0.4)))).containsExactly(1, 1);
        assertThat(Balance.shares(List.of())).isEmpty();
    }

    @Test
    void aHeavierLogoStandsLowerUntilBothHaveAsMuchInk() {
        // twice the ink at the same height: 1 / sqrt(2) as high
        double[] shares = Balance.shares(List.of(new Mark(2, 0.3), new Mark(4, 0.3)));
        assertThat(shares[0]).isEqualTo(1);
        assertThat(shares[1]).isCloseTo(0.707107, within(1e-6));
        assertThat(2 * 0.3 * shares[0] * shares[0]).isCloseTo(4 * 0.3 * shares[1] * shares[1], within(1e-12));
    }

    @Test
    void noneIsLowerThanSixTenthsAndOneHasTheCommonHeight() {
        Random random = new Random(11);
        for (int round = 0; round < 500; round++) {
            List<Mark> marks = new ArrayList<>();
            for (int i = 1 + random.nextInt(12); i > 0; i--) {
                marks.add(new Mark(0.1 + 8 * random.nextDouble(), random.nextDouble()));
            }
            double[] shares = Balance.shares(marks);
            assertThat(shares).contains(1.0);
            for (int i = 0; i < shares.length; i++) {
                assertThat(shares[i]).isBetween(Balance.LEAST - 1e-12, 1.0);
                for (int j = 0; j < shares.length; j++) { // order: what is heavier never stands higher
                    double heavier = marks.get(i).ratio()
                                    * Math.max(0.02, marks.get(i).coverage())
                            - marks.get(j).ratio() * Math.max(0.02, marks.get(j).coverage());
                    assertThat(heavier > 0 && shares[i] > shares[j] + 1e-12).isFalse();
                }
            }
        }
    }

    private static Facts margins() {
        PictureId id = new PictureId("p1");
        Inked inked = new Inked(0.25, 0.1, 0.75, 0.9, 0.5);
        return new Facts(
                Map.of(id, new PictureFacts(id, 400, 100, FocalPoint.CENTRE, inked, true, null)),
                Map.of(),
                (text, bold, size) -> 0);
    }

    @Test
    void emptyMarginsAreLeftAway() {
        Reel reel =
                choose(choose(Sample.reel("marquee", 1), MarqueeOptions.HEIGHT, 80.0), MarqueeOptions.TRIMMED, true);
        Range range = Layout.of(reel, margins()).usual(SetUp.DESK);
        Box shown = range.frame().boxOf(Part.slide(1)).orElseThrow();
        assertThat(shown.height().at(1280)).isEqualTo(80);
        assertThat(shown.width().at(1280))
                .isCloseTo(200, within(1e-9)); // 80 px are 0.8 of its height, 100 px all; 400 wide
        Box whole = range.frame().boxOf(Part.picture(1)).orElseThrow();
        assertThat(whole.left().at(1280)).isCloseTo(shown.left().at(1280) - 100, within(1e-9));
        assertThat(whole.width().at(1280)).isCloseTo(400, within(1e-9));
    }

    @Test
    void aBandThatMovesUpIsAsHighAsIsSaidAndItsLapIsTheSumOfHeightsAndGaps() {
        Reel reel = choose(choose(Sample.reel("marquee", 4), MarqueeOptions.HEIGHT, 50.0), ShapeOptions.GAP, 40.0);
        reel = choose(choose(reel, MarqueeOptions.WAY, Way.UP), MarqueeOptions.TALL, 300.0);
        Layout layout = Layout.of(reel, Sample.facts(240, 80, 100, 100, 320, 64, 160, 120));
        Range range = layout.usual(SetUp.DESK);
        assertThat(range.frame().box().height().at(1280)).isEqualTo(300);
        // the third, 5 to 1, would be 250 px wide; 228 have room in the narrowest band, so it is 45.6 high
        assertThat(range.step().at(1280)).isCloseTo(3 * 50 + 45.6 + 4 * 40, within(1e-9));
        assertThat(range.frame().boxOf(Part.slide(3)).orElseThrow().width().at(280))
                .isCloseTo(228, within(1e-9));
        assertThat(layout.copies()).isGreaterThanOrEqualTo(2);
    }
}
