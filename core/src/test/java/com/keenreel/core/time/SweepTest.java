package com.keenreel.core.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.SweepKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Dividers that move to and fro by themselves. */
class SweepTest {
    private static final Choices NONE = Reel.named("Floors").choices();

    private static Sweep sweep(double from, double to, double start, long period, SweepKind kind) {
        Choices choices = NONE.with(PairOptions.SWEEP, null, kind)
                .with(PairOptions.SWEEP_FROM, null, from)
                .with(PairOptions.SWEEP_TO, null, to)
                .with(PairOptions.SWEEP_PERIOD, null, period);
        Carries.Pair pair =
                Carries.Pair.of(new PictureId("p1"), new PictureId("p2")).withStart(start);
        return Objects.requireNonNull(Sweep.of(choices, pair));
    }

    /** From the middle: a quarter of the period to each end, and back. */
    @ParameterizedTest
    @CsvSource({"0, 0.5", "1500, 0.8", "3000, 0.5", "4500, 0.2", "6000, 0.5", "500, 0.65", "7500, 0.8"})
    void itGoesToTheFirstEndThenToTheOtherAndIsBackAfterItsPeriod(double ms, double at) {
        assertThat(sweep(20, 80, 0.5, 6000, SweepKind.AGAIN).at(ms)).isCloseTo(at, within(1e-12));
    }

    @Test
    void itGoesTheOtherWayWhereItsFirstEndIsAtTheLeft() {
        Sweep sweep = sweep(80, 20, 0.5, 6000, SweepKind.AGAIN);
        assertThat(sweep.at(1500)).isCloseTo(0.2, within(1e-12));
        assertThat(sweep.at(4500)).isCloseTo(0.8, within(1e-12));
    }

    @Test
    void onceIsOneWayToAndFro() {
        Sweep once = sweep(20, 80, 0.4, 6000, SweepKind.ONCE);
        assertThat(once.at(5999)).isNotEqualTo(0.4);
        assertThat(once.at(6000)).isCloseTo(0.4, within(1e-12));
        assertThat(once.at(60_000)).isCloseTo(0.4, within(1e-12));
    }

    @Test
    void whereverADividerStartsItsWayBeginsThereAndNothingJumps() {
        Random random = new Random(5);
        for (int i = 0; i < 500; i++) {
            double from = random.nextInt(101);
            double to = (from + 1 + random.nextInt(100)) % 101;
            double start = random.nextInt(101) / 100.0;
            Sweep sweep = sweep(from, to, start, 2000 + random.nextInt(10_000), SweepKind.AGAIN);
            assertThat(sweep.at(0)).isCloseTo(start, within(1e-9));
            double fastest = 2 * Math.PI * Math.abs(sweep.reach()) / sweep.period();
            double least = 1;
            double most = 0;
            for (double ms = 0; ms < sweep.period(); ms += 16) {
                double at = sweep.at(ms);
                assertThat(Math.abs(sweep.at(ms + 16) - at)).isLessThanOrEqualTo(16 * fastest + 1e-12);
                least = Math.min(least, at);
                most = Math.max(most, at);
            }
            assertThat(least).isCloseTo(Math.min(start, Math.min(from, to) / 100), within(0.001));
            assertThat(most).isCloseTo(Math.max(start, Math.max(from, to) / 100), within(0.001));
        }
    }

    @ParameterizedTest
    @CsvSource({"0.5, 0, 1", "0.5, 2999, 1", "0.5, 3001, 0", "0.5, 6001, 1", "0.2, 0, 0", "0.2, 3001, 1"})
    void sidesThatAreSeenByTurnsAreSeenWholeForHalfAPeriodEach(double start, double ms, double at) {
        Choices blink = NONE.with(PairOptions.VIEW, null, PairView.BLINK);
        Carries.Pair pair =
                Carries.Pair.of(new PictureId("p1"), new PictureId("p2")).withStart(start);
        assertThat(Objects.requireNonNull(Sweep.of(blink, pair)).at(ms)).isEqualTo(at);
    }

    @Test
    void whatHasNoWayToGoStandsStill() {
        Carries.Pair pair = Carries.Pair.of(new PictureId("p1"), new PictureId("p2"));
        Choices same = NONE.with(PairOptions.SWEEP, null, SweepKind.AGAIN)
                .with(PairOptions.SWEEP_FROM, null, 50.0)
                .with(PairOptions.SWEEP_TO, null, 50.0);
        assertThat(Sweep.of(same, pair)).isNull();
        assertThat(Sweep.of(NONE, pair)).isNull();
    }
}
