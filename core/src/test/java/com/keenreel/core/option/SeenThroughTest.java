package com.keenreel.core.option;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeenThroughTest {
    private static final Colour BLACK = new Colour("#000000");

    /** White over (200, 190, 180) with a black ground: worked numbers. */
    @ParameterizedTest
    @CsvSource({"4.5, 0.39", "3, 0.23"})
    void theLeastDensityIsFound(double needed, double density) {
        Colour behind = new Colour("#c8beb4");
        SeenThrough white = new SeenThrough(Colour.WHITE, BLACK);
        assertThat(white.density(behind, behind, needed)).hasValue(density);
        assertThat(white.between(behind, behind, density)).isGreaterThanOrEqualTo(needed);
        assertThat(white.between(behind, behind, density - 0.01)).isLessThan(needed);
    }

    /** The densities that pass on anything do so on every grey; and those that are usual do. */
    @Test
    void whatPassesOnAnythingPassesOnEveryGrey() {
        for (Colour ground : new Colour[] {BLACK, Colour.DARK, Colour.WHITE, new Colour("#a8381a")}) {
            SeenThrough seen = new SeenThrough(ground.ink(), ground);
            double density =
                    seen.density(BLACK, Colour.WHITE, SeenThrough.CONTROLS).orElseThrow();
            for (int grey = 0; grey < 256; grey++) {
                Colour behind = new Colour(String.format("#%02x%02x%02x", grey, grey, grey));
                assertThat(ground.ink().contrast(ground.over(behind, density)))
                        .as("%s on %s over %s", ground.ink(), ground, behind)
                        .isGreaterThanOrEqualTo(SeenThrough.CONTROLS);
            }
        }
        assertThat(new SeenThrough(Colour.WHITE, Colour.DARK).between(BLACK, Colour.WHITE, 0.72))
                .isGreaterThan(5);
        assertThat(new SeenThrough(Colour.DARK, Colour.WHITE).between(BLACK, Colour.WHITE, 0.86))
                .isGreaterThan(5);
        assertThat(new SeenThrough(Colour.WHITE, new Colour("#c8beb4"))
                        .density(BLACK, Colour.WHITE, SeenThrough.CONTROLS))
                .isEmpty();
        assertThat(new SeenThrough(Colour.WHITE, BLACK).between(BLACK, Colour.WHITE, 0))
                .isEqualTo(1);
    }
}
