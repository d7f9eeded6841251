package com.keenreel.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.space.Length.Base;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LengthTest {
    @Test
    void isPrintedAsShortAsItCanBe() {
        assertThat(Length.share(0.5).plus(12).minus(12).css(Base.CQI)).isEqualTo("50cqi");
        assertThat(Length.WIDTH.minus(48).dividedBy(3).css(Base.CQI)).isEqualTo("calc(33.333333cqi - 16px)");
        assertThat(Length.min(Length.WIDTH, Length.px(960)).css(Base.PERCENT)).isEqualTo("min(100%, 960px)");
        assertThat(Length.ZERO.css(Base.VW)).isEqualTo("0px");
        assertThat(Length.px(-4).plus(Length.max(Length.WIDTH, Length.px(3))).css(Base.VW))
                .isEqualTo("calc(-4px + max(100vw, 3px))");
        assertThat(Length.ofView(0.6).css(Base.CQI)).isEqualTo("calc(60 * var(--svh, 1svh))");
    }

    @Test
    void comparisonsThatAreTheSameAtEveryWidthAreDecided() {
        assertThat(Length.min(Length.px(3), Length.px(5))).isEqualTo(Length.px(3));
        assertThat(Length.max(Length.WIDTH, Length.WIDTH.plus(2))).isEqualTo(Length.WIDTH.plus(2));
    }

    @Test
    void aNegativeFactorTurnsSmallestIntoGreatest() {
        Length length = Length.min(Length.WIDTH, Length.px(500)).times(-2);
        assertThat(length.at(300)).isEqualTo(-600);
        assertThat(length.at(900)).isEqualTo(-1000);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void foldingNeverChangesTheValue(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 200; round++) {
            Length a = any(random, 4);
            Length b = any(random, 4);
            double width = 280 + random.nextDouble() * 2280;
            double view = random.nextDouble() * 1000;
            double factor = random.nextDouble() * 6 - 3;
            String what = "seed " + seed + " round " + round + ": " + a + " and " + b;
            assertThat(a.plus(b).at(width, view))
                    .as(what)
                    .isCloseTo(a.at(width, view) + b.at(width, view), within(1e-6));
            assertThat(a.minus(b).at(width, view))
                    .as(what)
                    .isCloseTo(a.at(width, view) - b.at(width, view), within(1e-6));
            assertThat(a.times(factor).at(width, view)).as(what).isCloseTo(factor * a.at(width, view), within(1e-6));
            assertThat(a.over(b).at(width, view)).as(what).isCloseTo(a.at(b.at(width, view), view), within(1e-6));
            assertThat(Length.min(a, b).at(width, view))
                    .as(what)
                    .isEqualTo(Math.min(a.at(width, view), b.at(width, view)));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void asStraightLinesItIsTheSameAtEveryWidth(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 100; round++) {
            Length length = any(random, 4);
            List<Straight> lines = length.straight(200, Double.POSITIVE_INFINITY);
            assertThat(lines.get(lines.size() - 1).below()).isInfinite();
            for (int i = 0; i < 40; i++) {
                double width = 200 + random.nextDouble() * 2600;
                Straight here = lines.stream()
                        .filter(line -> width < line.below())
                        .findFirst()
                        .orElseThrow();
                assertThat(here.line().at(width, 800))
                        .as("seed " + seed + " round " + round + " at " + width + ": " + length)
                        .isCloseTo(length.at(width, 800), within(1e-6));
            }
        }
        assertThat(Length.min(Length.WIDTH.minus(40), Length.px(960)).straight(0, 2000))
                .isEqualTo(List.of(
                        new Straight(1000, (Length.Linear) Length.WIDTH.minus(40)),
                        new Straight(2000, (Length.Linear) Length.px(960))));
    }

    private static Length any(Random random, int depth) {
        int kind = depth == 0 ? random.nextInt(3) : random.nextInt(7);
        return switch (kind) {
            case 0 -> Length.px(random.nextInt(400) - 100);
            case 1 -> Length.share(random.nextDouble());
            case 2 -> Length.ofView(random.nextDouble());
            case 3 -> any(random, depth - 1).plus(any(random, depth - 1));
            case 4 -> any(random, depth - 1).times(random.nextDouble() * 2 - 1);
            case 5 -> Length.min(any(random, depth - 1), any(random, depth - 1));
            default -> Length.max(any(random, depth - 1), any(random, depth - 1));
        };
    }
}
