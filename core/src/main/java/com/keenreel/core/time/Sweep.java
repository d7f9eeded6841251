package com.keenreel.core.time;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.reel.Carries;
import org.jspecify.annotations.Nullable;

/**
 * How a divider moves to and fro by itself: {@code middle + reach sin(2 pi t / period + phase)}. It begins where the divider
 * starts, toward the end that is chosen as the first, and is there again after each period; it slows down toward its ends.
 *
 * @param middle of its way, as a share of the side along which it moves
 * @param reach from there to the end to which it goes first; below 0 where that lies before the middle
 * @param phase where it starts, radians
 * @param period until it is where it was, ms
 * @param once whether it ends after the first period
 * @param turns whether it is at one end or the other, by turns, and never between them
 */
public record Sweep(double middle, double reach, double phase, long period, boolean once, boolean turns) {
    /** That of a pair; null where its divider stands still, as it does where its way has no length. */
    public static @Nullable Sweep of(Choices choices, Carries.Pair pair) {
        if (!pair.between().isEmpty()) {
            return null; // several dividers would meet
        }
        PairView view = choices.get(PairOptions.VIEW);
        long period = choices.get(PairOptions.SWEEP_PERIOD);
        if (view.switches()) {
            double reach = view.start(pair.startsAt()) - 0.5;
            return view == PairView.BLINK ? new Sweep(0.5, reach, 0, period, false, true) : null;
        }
        if (choices.get(PairOptions.SWEEP) == SweepKind.NEVER) {
            return null;
        }
        double from = choices.get(PairOptions.SWEEP_FROM) / 100;
        double to = choices.get(PairOptions.SWEEP_TO) / 100;
        double start = view.start(pair.startsAt());
        boolean onward = from <= to;
        double first = onward ? Math.max(to, start) : Math.min(to, start);
        double second = onward ? Math.min(from, start) : Math.max(from, start);
        double middle = (first + second) / 2;
        double reach = (first - second) / 2;
        if (reach == 0) {
            return null;
        }
        double phase = Math.asin(Math.max(-1, Math.min(1, (start - middle) / reach)));
        return new Sweep(middle, reach, phase, period, choices.get(PairOptions.SWEEP) == SweepKind.ONCE, false);
    }

    /**
     * Where the divider is.
     *
     * @param ms since it began
     * @return as a share 0 to 1 of the side along which it moves
     */
    public double at(double ms) {
        double gone = once && ms >= period ? 0 : ms / period;
        double wave = Math.sin(2 * Math.PI * gone + phase);
        return middle + reach * (turns ? wave >= 0 ? 1 : -1 : wave);
    }
}
