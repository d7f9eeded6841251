package com.keenreel.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.option.FitKind;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FitTest {
    @ParameterizedTest
    @CsvSource({
        "3000, 2000, 390, 520, .8, .3, -390, 0, 780, 520, .5",
        "3000, 2000, 1280, 480, .5, .4, 0, -101.333333, 1280, 853.333333, .4375",
        "1200, 1600, 820, 461.25, .5, .9, 0, -632.083333, 820, 1093.333333, .578125"
    })
    void fills(
            int sw,
            int sh,
            double fw,
            double fh,
            double ax,
            double ay,
            double x,
            double y,
            double w,
            double h,
            double loss) {
        Box box = Fit.of(
                FitKind.FILL, picture(sw, sh), Length.WIDTH, Length.WIDTH.times(fh / fw), new FocalPoint(ax, ay));
        assertThat(box.left().at(fw)).isCloseTo(x, within(1e-6));
        assertThat(box.top().at(fw)).isCloseTo(y, within(1e-6));
        assertThat(box.width().at(fw)).isCloseTo(w, within(1e-6));
        assertThat(box.height().at(fw)).isCloseTo(h, within(1e-6));
        assertThat(Fit.loss(box, fw, fh, fw)).isCloseTo(loss, within(1e-9));
    }

    @Test
    void wholeStandsInTheMiddleAndLosesNothing() {
        Box box = Fit.of(FitKind.WHOLE, picture(3000, 2000), Length.WIDTH, Length.WIDTH, new FocalPoint(.9, .1));
        assertThat(box.top().at(600)).isCloseTo(100, within(1e-9));
        assertThat(box.height().at(600)).isCloseTo(400, within(1e-9));
        assertThat(Fit.loss(box, 600, 600, 600)).isCloseTo(0, within(1e-9));
    }

    @Test
    void originalIsNeverEnlarged() {
        Box box = Fit.of(FitKind.ORIGINAL, picture(480, 320), Length.WIDTH, Length.px(400), FocalPoint.CENTRE);
        assertThat(box.width().at(1000)).isEqualTo(480);
        assertThat(box.left().at(1000)).isEqualTo(260);
        assertThat(box.left().at(300)).isEqualTo(-90);
    }

    /** At every size: never stretched, a filled frame has no blank, and the focal point is in view. */
    @ParameterizedTest
    @EnumSource(FitKind.class)
    void holdsForAnyPictureAndFrame(FitKind kind) {
        Random random = new Random(17);
        for (int round = 0; round < 500; round++) {
            PictureFacts picture = picture(50 + random.nextInt(4000), 50 + random.nextInt(4000));
            FocalPoint focal = new FocalPoint(random.nextDouble(), random.nextDouble());
            double fw = 200 + random.nextDouble() * 2000;
            double fh = 100 + random.nextDouble() * 900;
            Box box = Fit.of(kind, picture, Length.WIDTH, Length.px(fh), focal);
            double x = box.left().at(fw);
            double y = box.top().at(fw);
            double w = box.width().at(fw);
            double h = box.height().at(fw);
            String what = "round " + round + ": " + picture + " in " + fw + " x " + fh;
            assertThat(w / h).as(what).isCloseTo(picture.ratio(), within(1e-9));
            assertThat(x + focal.x() * w).as(what).isBetween(-1e-6, fw + 1e-6);
            assertThat(y + focal.y() * h).as(what).isBetween(-1e-6, fh + 1e-6);
            if (kind == FitKind.FILL) {
                assertThat(x).as(what).isLessThanOrEqualTo(1e-9);
                assertThat(x + w).as(what).isGreaterThanOrEqualTo(fw - 1e-6);
                assertThat(y + h).as(what).isGreaterThanOrEqualTo(fh - 1e-6);
            }
        }
    }

    private static PictureFacts picture(int width, int height) {
        return new PictureFacts(new PictureId("p"), width, height, FocalPoint.CENTRE);
    }
}
