package com.keenreel.core.align;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.align.Overlap.Common;
import java.util.Random;
import org.junit.jupiter.api.Test;

class OverlapTest {
    @Test
    void twoPicturesThatLieAlikeHaveAllInCommon() {
        Common common = Overlap.of(Warp.NONE).largest(1, 0.5, 0.5);
        assertThat(common.left()).isCloseTo(0, within(1e-8));
        assertThat(common.width()).isCloseTo(1, within(1e-8));
        assertThat(common.height()).isCloseTo(1, within(1e-8));
    }

    @Test
    void whatIsShiftedLosesThatAndKeepsItsShape() {
        // a tenth of the width to the right: nine tenths are common, and a ninth of the height may be chosen from
        Common common = Overlap.of(Warp.shift(0.1, 0)).largest(1, 0.2, 1);
        assertThat(common.width()).isCloseTo(0.9, within(1e-8));
        assertThat(common.height()).isCloseTo(0.9, within(1e-8));
        assertThat(common.left()).isCloseTo(0, within(1e-7));
        assertThat(common.top()).isCloseTo(0.1, within(1e-6));
        assertThat(Overlap.of(Warp.shift(0.1, 0)).largest(0.5, 0.2, 1).left())
                .as("its middle at 0.2 would begin left of the picture")
                .isCloseTo(0, within(1e-6));
    }

    /** A square turned by t inside itself keeps 1 / (cos t + sin t) of its side. */
    @Test
    void whatIsTurnedKeepsTheLargestUprightPart() {
        Common common = Overlap.of(Warp.turn(4, 1, 1)).largest(1, 0.5, 0.5);
        double t = Math.toRadians(4);
        assertThat(common.width()).isCloseTo(1 / (Math.cos(t) + Math.sin(t)), within(1e-7));
        assertThat(common.left()).isCloseTo((1 - common.width()) / 2, within(1e-6));
    }

    @Test
    void noLargerOneOfThatShapeFitsAnywhere() {
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            Warp warp = Warp.shift(0.12 * random.nextGaussian(), 0.12 * random.nextGaussian())
                    .then(Warp.turn(6 * random.nextGaussian(), 1 + 0.1 * random.nextGaussian(), 1.5))
                    .then(new Warp(1, 0, 0, 0, 1, 0, 0.04 * random.nextGaussian(), 0.04 * random.nextGaussian()));
            double shape = 0.4 + 2 * random.nextDouble();
            Common common = Overlap.of(warp).largest(shape, random.nextDouble(), random.nextDouble());
            assertThat(common.width()).isCloseTo(common.height() * shape, within(1e-9));
            assertThat(fits(warp, common.left(), common.top(), common.width(), common.height(), 1e-6))
                    .isTrue();
            double larger = 1.01;
            for (int tried = 0; tried < 300; tried++) {
                double left = common.left() + 0.2 * random.nextGaussian();
                double top = common.top() + 0.2 * random.nextGaussian();
                assertThat(fits(warp, left, top, larger * common.width(), larger * common.height(), 0))
                        .isFalse();
            }
        }
    }

    /** Turned, a narrow one would be largest at an edge of the picture; a little smaller, it is where it ought to be. */
    @Test
    void aroundAPointItGivesUpALittleOfItsSize() {
        Random random = new Random(12);
        for (int i = 0; i < 200; i++) {
            Warp warp = Warp.turn(3 * random.nextGaussian(), 1 + 0.03 * random.nextGaussian(), 1.5)
                    .then(Warp.shift(0.02 * random.nextGaussian(), 0.02 * random.nextGaussian()));
            double shape = 0.3 + 2 * random.nextDouble();
            double x = random.nextDouble();
            double y = random.nextDouble();
            Overlap overlap = Overlap.of(warp);
            Common largest = overlap.largest(shape, x, y);
            Common common = overlap.around(shape, x, y);
            assertThat(common.width()).isBetween(0.899 * largest.width(), largest.width() + 1e-9);
            assertThat(fits(warp, common.left(), common.top(), common.width(), common.height(), 1e-6))
                    .isTrue();
            assertThat(away(common, x, y)).isLessThanOrEqualTo(Math.max(0.0051, away(largest, x, y) + 0.005));
        }
        Common narrow = Overlap.of(Warp.turn(2.3, 1.03, 1.5)).around(0.53, 0.5, 0.5);
        assertThat(narrow.left() + narrow.width() / 2).isCloseTo(0.5, within(0.006));
    }

    /** How far from a point that it can have in its middle. */
    private static double away(Common common, double x, double y) {
        double middleX = Math.min(1 - common.width() / 2, Math.max(common.width() / 2, x));
        double middleY = Math.min(1 - common.height() / 2, Math.max(common.height() / 2, y));
        return Math.hypot(common.left() + common.width() / 2 - middleX, common.top() + common.height() / 2 - middleY);
    }

    private static boolean fits(Warp warp, double left, double top, double width, double height, double slack) {
        for (int corner = 0; corner < 4; corner++) {
            double x = left + corner % 2 * width;
            double y = top + (corner >> 1) * height;
            double otherX = warp.x(x, y);
            double otherY = warp.y(x, y);
            for (double one : new double[] {x, y, otherX, otherY}) {
                if (one < -slack || one > 1 + slack) {
                    return false;
                }
            }
        }
        return true;
    }
}
