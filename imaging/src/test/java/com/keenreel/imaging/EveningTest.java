package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.align.Warp;
import java.util.Random;
import org.junit.jupiter.api.Test;

class EveningTest {
    private static final Evening DARKER = new Evening(0.7, 0.6, 0.45, 1);

    private static Pixels scene() {
        Random random = new Random(5);
        int[] argb = new int[480 * 320];
        for (int i = 0; i < argb.length; i++) {
            int x = i % 480;
            int y = i / 480;
            int tone = 60 + (int) (110 * (0.5 + 0.5 * Math.sin(x / 31.0) * Math.cos(y / 23.0)));
            argb[i] = 0xFF000000
                    | tone + random.nextInt(8) << 16
                    | tone * 9 / 10 + random.nextInt(8) << 8
                    | tone * 8 / 10 + random.nextInt(8);
        }
        return new Pixels(480, 320, argb, false);
    }

    @Test
    void exposureAndWhiteBalanceAreFoundAlthoughAQuarterIsSomethingElse() {
        Pixels one = scene();
        Pixels other = DARKER.of(one);
        for (int i = 0; i < 480 * 80; i++) {
            other.argb()[i] = 0xFF3060A0;
        }
        Evening found = Evening.between(one, other, Warp.NONE);
        assertThat(found.red()).isCloseTo(1 / 0.7, within(0.03));
        assertThat(found.green()).isCloseTo(1 / 0.6, within(0.03));
        assertThat(found.blue()).isCloseTo(1 / 0.45, within(0.05));
        Pixels evened = found.of(other);
        for (int i = 480 * 100; i < 480 * 320; i += 997) {
            for (int shift = 0; shift < 24; shift += 8) {
                assertThat(evened.argb()[i] >> shift & 255).isCloseTo(one.argb()[i] >> shift & 255, within(4));
            }
        }
        assertThat(found.by(0.5).gain(0)).isCloseTo(Math.sqrt(found.red()), within(1e-12));
        assertThat(found.by(0).of(other)).isSameAs(other);
    }

    @Test
    void whereTheyShowNothingInCommonNothingIsEvenedOut() {
        Pixels one = scene();
        assertThat(Evening.between(one, one, Warp.shift(0.99, 0))).isEqualTo(Evening.NONE);
        Pixels black = new Pixels(480, 320, new int[480 * 320], false);
        assertThat(Evening.between(one, black, Warp.NONE)).isEqualTo(Evening.NONE);
        assertThatThrownBy(() -> new Evening(9, 1, 1, 1)).hasMessageContaining("not that different");
        assertThatThrownBy(() -> new Evening(1, 1, 1, 2)).hasMessageContaining("0 to 100 %");
    }
}
