package com.keenreel.core.align;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

class WarpTest {
    private static Warp any(Random random) {
        return Warp.shift(0.1 * random.nextGaussian(), 0.1 * random.nextGaussian())
                .then(Warp.turn(5 * random.nextGaussian(), 1 + 0.1 * random.nextGaussian(), 1.5))
                .then(new Warp(1, 0, 0, 0, 1, 0, 0.05 * random.nextGaussian(), 0.05 * random.nextGaussian()));
    }

    @Test
    void itComesBackAndFollowsAnother() {
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            Warp one = any(random);
            Warp two = any(random);
            double x = random.nextDouble();
            double y = random.nextDouble();
            assertThat(one.then(one.inverse()).x(x, y)).isCloseTo(x, within(1e-9));
            assertThat(one.then(one.inverse()).y(x, y)).isCloseTo(y, within(1e-9));
            assertThat(one.then(two).x(x, y)).isCloseTo(two.x(one.x(x, y), one.y(x, y)), within(1e-9));
            assertThat(Warp.of(one.numbers())).isEqualTo(one);
        }
    }

    @Test
    void figuresSayWhatWasDone() {
        Warp warp = Warp.turn(1.4, 1.032, 1.5).then(Warp.shift(42 / 3000.0, -27 / 2000.0));
        Moved moved = Moved.of(warp, 3000, 2000, 1.5);
        assertThat(moved.right()).isCloseTo(42, within(1e-6));
        assertThat(moved.down()).isCloseTo(-27, within(1e-6));
        assertThat(moved.turned()).isCloseTo(1.4, within(1e-6));
        assertThat(moved.larger()).isCloseTo(1.032, within(1e-6));
        assertThat(moved.tilted()).isCloseTo(0, within(1e-3));
        Moved tilted = Moved.of(new Warp(1, 0, 0, 0, 1, 0, 0.02, 0), 1000, 1000, 1);
        assertThat(tilted.tilted()).isGreaterThan(5);
    }

    /** The upper three quarters of a square, which as wide as it show everything as large. */
    @Test
    void aPictureOfAnotherRatioIsComparedByItsWidth() {
        Warp upper = new Warp(1, 0, 0, 0, 4 / 3.0, 0, 0, 0);
        Moved moved = Moved.of(upper, 1000, 1000, 4 / 3.0);
        assertThat(moved.larger()).isCloseTo(1, within(1e-6));
        assertThat(moved.down()).isCloseTo(125, within(1e-6));
        assertThat(moved.tilted()).isCloseTo(0, within(1e-3));
    }

    @Test
    void whatNoCameraDoesIsRefused() {
        assertThatThrownBy(() -> new Warp(-1, 0, 1, 0, 1, 0, 0, 0)).hasMessageContaining("mirror image");
        assertThatThrownBy(() -> new Warp(1, 0, 9, 0, 1, 0, 0, 0)).hasMessageContaining("do not lie like that");
        assertThatThrownBy(() -> new Warp(1, 0, 0, 0, 1, 0, -2, 0)).hasMessageContaining("do not lie like that");
        assertThatThrownBy(() -> new Warp(Double.NaN, 0, 0, 0, 1, 0, 0, 0))
                .hasMessageContaining("do not lie like that");
    }
}
