package com.keenreel.core.arrangement;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.option.Behind;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.HeightKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Part;
import org.junit.jupiter.api.Test;

/** How high a reel is, what is kept free around it, and where it is not seen. */
class ShapeTest {
    private static final Facts FACTS = Sample.facts(3000, 2000, 2000, 2500);

    private static Measured frame(Reel reel, double host, double view) {
        return Layout.of(reel, FACTS).at(host, view).stream()
                .filter(box -> box.name().equals("frame"))
                .findFirst()
                .orElseThrow();
    }

    private static Reel height(HeightKind kind) {
        return choose(Sample.reel("single", 2), ShapeOptions.HEIGHT, kind);
    }

    @Test
    void aHeightIsByRatioFixedByTheWindowOrByTheTallestPicture() {
        assertThat(frame(height(HeightKind.RATIO), 1280, 900).height()).isEqualTo(720);
        assertThat(frame(choose(height(HeightKind.FIXED), ShapeOptions.FIXED, 333.0), 1280, 900)
                        .height())
                .isEqualTo(333);
        Reel window = choose(height(HeightKind.WINDOW), ShapeOptions.OF_WINDOW, 60.0);
        assertThat(frame(window, 1280, 900).height()).isCloseTo(540, within(1e-9));
        assertThat(frame(window, 1280, 300).height()).as("controls have room").isEqualTo(200);
        assertThat(frame(height(HeightKind.PICTURES), 1280, 900).height()).isEqualTo(1600); // 1280 x 2500 / 2000
    }

    @Test
    void everyHeightIsKeptBetweenTheLeastAndTheGreatest() {
        for (HeightKind kind : HeightKind.values()) {
            Reel reel = choose(choose(height(kind), ShapeOptions.LEAST, 500.0), ShapeOptions.MOST, 600.0);
            for (double host : new double[] {300, 700, 1280, 2560}) {
                assertThat(frame(reel, host, 900).height()).isBetween(500.0, 600.0);
            }
            assertThat(frame(reel, 2560, 2000).height())
                    .as(kind.name())
                    .isEqualTo(kind == HeightKind.FIXED ? 500 : 600);
        }
    }

    @Test
    void spaceAroundIsInsideTheWidthAndNeverMoreThanAnEighthOfIt() {
        Reel reel = choose(Sample.reel("single", 2), ShapeOptions.AROUND, 40.0);
        Measured wide = frame(reel, 1280, 900);
        assertThat(wide.x()).isEqualTo(40);
        assertThat(wide.y()).isEqualTo(40);
        assertThat(wide.width()).isEqualTo(1200);
        Layout layout = Layout.of(reel, FACTS);
        assertThat(layout.heightInHost(layout.range(1280)).at(1280)).isEqualTo(1200 * 9 / 16.0 + 80);
        assertThat(frame(reel, 280, 900).width()).isEqualTo(210);
        assertThat(layout.hostFrom(layout.usual(SetUp.TABLET).span())).isEqualTo(680);
        assertThat(layout.range(679.9).setUp()).isEqualTo(SetUp.PHONE);
        Layout boxed = Layout.of(choose(reel, ShapeOptions.WIDTH, ReelWidth.read("most 660")), FACTS);
        assertThat(boxed.hostFrom(boxed.usual(SetUp.TABLET).span())).isInfinite();
    }

    @Test
    void whereItIsHiddenNothingOfItStands() {
        Reel reel = choose(Sample.reel("row", 2), ShapeOptions.HIDDEN, SetUp.PHONE, true);
        Layout layout = Layout.of(choose(reel, ShapeOptions.AROUND, 20.0), FACTS);
        assertThat(layout.at(400, 800)).isEmpty();
        assertThat(layout.heightInHost(layout.range(400)).at(400)).isZero();
        assertThat(layout.at(800, 800)).isNotEmpty();
        assertThat(layout.withoutDots()).isEmpty();
    }

    @Test
    void behindAPictureThatDoesNotFillItsFrameItStandsOnceMore() {
        Reel reel = choose(Sample.reel("single", 2), ShapeOptions.FIT, SetUp.DESK, FitKind.WHOLE);
        assertThat(Layout.of(reel, FACTS).stands(Part.behind(1))).isFalse();
        Layout blurred = Layout.of(choose(reel, LookOptions.BEHIND, Behind.BLURRED), FACTS);
        assertThat(blurred.range(1280)
                        .frame()
                        .boxOf(Part.behind(1))
                        .orElseThrow()
                        .width()
                        .at(1280))
                .isEqualTo(1280);
        assertThat(blurred.range(700).frame().boxOf(Part.behind(1))).isEmpty();
    }

    @Test
    void theWindowsHeightIsSaidByWhatStandsAroundTheReel() {
        Layout layout = Layout.of(height(HeightKind.WINDOW), FACTS);
        assertThat(layout.goesByWindow()).isTrue();
        assertThat(layout.range(1280).frame().box().height().css(Base.CQI))
                .isEqualTo("max(200px, 70 * var(--svh, 1svh))");
        assertThat(layout.heightInHost(layout.range(1280)).css(Base.PERCENT)).isEqualTo("max(200px, 70svh)");
    }
}
