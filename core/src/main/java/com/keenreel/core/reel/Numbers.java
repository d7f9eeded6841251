package com.keenreel.core.reel;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** How numbers are written wherever people or style sheets read them: no exponent, no trailing zeros. */
public final class Numbers {
    private Numbers() {}

    /** At most six decimals: "16", "2.4", "0.333333". */
    public static String plain(double number) {
        return rounded(number, 6);
    }

    /** At most {@code decimals} decimals, trailing zeros left out. */
    public static String rounded(double number, int decimals) {
        if (number == Math.rint(number) && Math.abs(number) < 1e15) {
            return Long.toString((long) number);
        }
        BigDecimal value = BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP);
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }
}
