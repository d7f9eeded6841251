package com.keenreel.core.option;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** How numbers are written wherever people or style sheets read them: no exponent, no trailing zeros. */
public final class Numbers {
    private static final long[] POWERS = {1, 10, 100, 1_000, 10_000, 100_000, 1_000_000};

    private Numbers() {}

    /** At most six decimals: "16", "2.4", "0.333333". */
    public static String plain(double number) {
        return rounded(number, 6);
    }

    /** The number that {@link #plain} writes: what is kept is rounded like that before it is checked. */
    public static double kept(double number) {
        return Double.isFinite(number) ? Double.parseDouble(plain(number)) : number;
    }

    /** At most {@code decimals} decimals, trailing zeros left out. */
    public static String rounded(double number, int decimals) {
        if (decimals < POWERS.length) {
            double scaled = Math.abs(number) * POWERS[decimals];
            boolean isTie = Math.abs(scaled - Math.floor(scaled) - 0.5) < 1e-3; // its decimals decide then
            if (scaled < 1e12 && !isTie) {
                return written(number < 0, Math.round(scaled), POWERS[decimals]);
            }
        }
        BigDecimal value = BigDecimal.valueOf(number).setScale(decimals, RoundingMode.HALF_UP);
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }

    private static String written(boolean negative, long scaled, long power) {
        if (scaled == 0) {
            return "0";
        }
        StringBuilder text = new StringBuilder(12);
        text.append(negative ? "-" : "").append(scaled / power);
        long rest = scaled % power;
        if (rest > 0) {
            text.append('.');
            for (long place = power / 10; rest > 0; rest %= place, place /= 10) {
                text.append((char) ('0' + rest / place));
            }
        }
        return text.toString();
    }
}
