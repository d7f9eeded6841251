package com.keenreel.core.space;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.align.Warp;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A pair that was lined up shows what both of its pictures show, of the ratio of its frame. */
class LinedUpTest {
    private static final Warp WARP =
            Warp.turn(2, 1.05, 1.5).then(Warp.shift(0.04, -0.03)).then(new Warp(1, 0, 0, 0, 1, 0, 0.01, 0));
    private static final PictureId BEFORE = new PictureId("p1");
    private static final PictureId AFTER = new PictureId("p2");

    private static Facts facts(Warp lined, boolean after) {
        Facts taken = Sample.facts(1500, 1000, 1500, 1000);
        PictureFacts before = taken.of(BEFORE).linedUp(after ? null : lined);
        PictureFacts other = taken.of(AFTER).linedUp(after ? lined : null);
        return new Facts(Map.of(BEFORE, before, AFTER, other), Map.of(), taken.type());
    }

    private static Reel pair(String ratio) {
        Reel reel = Reel.named("Pair").withSlides(List.of(Slide.of(new SlideId("a"), Carries.Pair.of(BEFORE, AFTER))));
        return choose(reel, ShapeOptions.RATIO, Ratio.read(ratio));
    }

    private static Measured box(List<Measured> boxes, String name) {
        return boxes.stream().filter(box -> box.name().equals(name)).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"3:2", "1:1", "4:5", "21:9"})
    void theFrameIsFilledWithWhatBothShowAndNoMoreIsCutOff(String ratio) {
        for (double width : new double[] {320, 640, 1280}) {
            for (boolean after : new boolean[] {true, false}) {
                List<Measured> boxes =
                        Layout.of(pair(ratio), facts(WARP, after)).at(width, 800);
                Measured before = box(boxes, "picture-1-before");
                double high = width / Ratio.read(ratio).value();
                assertThat(box(boxes, "picture-1-after").x()).isEqualTo(before.x());
                assertThat(before.width() / before.height()).isCloseTo(1.5, within(1e-6));
                double nearest = 1;
                for (int corner = 0; corner < 4; corner++) {
                    double x = (corner % 2 * width - before.x()) / before.width();
                    double y = ((corner >> 1) * high - before.y()) / before.height();
                    for (double one : new double[] {x, y, WARP.x(x, y), WARP.y(x, y)}) {
                        assertThat(one).isBetween(-1e-6, 1 + 1e-6);
                        nearest = Math.min(nearest, Math.min(one, 1 - one));
                    }
                }
                assertThat(nearest).as("hardly more is cut off than must be").isLessThan(0.06);
            }
        }
    }

    @Test
    void wholeIsAllThatBothShowInTheirOwnRatio() {
        Reel whole = choose(pair("1:1"), ShapeOptions.FIT, FitKind.WHOLE);
        Measured before = box(Layout.of(whole, facts(WARP, true)).at(900, 800), "picture-1-before");
        assertThat(before.width()).isGreaterThan(900);
        assertThat(before.width() / before.height()).isCloseTo(1.5, within(1e-6));
        Measured taken =
                box(Layout.of(whole, Sample.facts(1500, 1000, 1500, 1000)).at(900, 800), "picture-1-before");
        assertThat(taken.width()).isCloseTo(900, within(1e-9));
    }
}
