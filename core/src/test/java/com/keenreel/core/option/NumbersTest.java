package com.keenreel.core.option;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** How numbers are written. */
class NumbersTest {
    @Test
    void whatIsWrittenIsShortAndRounded() {
        assertThat(Numbers.plain(16)).isEqualTo("16");
        assertThat(Numbers.plain(-2.4)).isEqualTo("-2.4");
        assertThat(Numbers.plain(1 / 3.0)).isEqualTo("0.333333");
        assertThat(Numbers.plain(-0.0000004)).isEqualTo("0");
        assertThat(Numbers.plain(100.000001)).isEqualTo("100.000001");
        assertThat(Numbers.plain(0.1234565)).isEqualTo("0.123457");
        assertThat(Numbers.plain(3e15)).isEqualTo("3000000000000000");
        assertThat(Numbers.rounded(6.25, 1)).isEqualTo("6.3");
        assertThat(Numbers.rounded(5.96, 1)).isEqualTo("6");
        assertThat(Numbers.rounded(1234.5, 0)).isEqualTo("1235");
    }

    /** The quick way and the exact way never differ, at ties least of all. */
    @Test
    void everyNumberIsWrittenAsItsDecimalsSay() {
        Random random = new Random(7);
        for (int i = 0; i < 200_000; i++) {
            int decimals = random.nextInt(7);
            double number = (random.nextDouble() - 0.5) * Math.pow(10, random.nextInt(10) - 3);
            if (i % 3 == 0) {
                number = BigDecimal.valueOf(number)
                        .setScale(decimals + 1, RoundingMode.DOWN)
                        .add(BigDecimal.valueOf(5, decimals + 1))
                        .doubleValue();
            }
            BigDecimal exact = BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP);
            String expected =
                    exact.signum() == 0 ? "0" : exact.stripTrailingZeros().toPlainString();
            assertThat(Numbers.rounded(number, decimals)).isEqualTo(expected);
        }
    }
}
