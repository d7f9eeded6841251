package com.keenreel.core.option;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ColourTest {
    /** Worked numbers of WCAG 2.2. */
    @ParameterizedTest
    @CsvSource({"#c8beb4, 1.829219", "#767676, 4.542225", "#000000, 21", "#ffffff, 1"})
    void whiteIsToldFromAColourByItsContrast(String hex, double contrast) {
        assertThat(new Colour(hex).contrast(Colour.WHITE)).isCloseTo(contrast, within(1e-6));
        assertThat(Colour.WHITE.contrast(new Colour(hex))).isCloseTo(contrast, within(1e-6));
    }

    @Test
    void wordsAreReadOnEveryColour() {
        for (int red = 0; red < 256; red += 17) {
            for (int green = 0; green < 256; green += 17) {
                for (int blue = 0; blue < 256; blue += 51) {
                    Colour ground = new Colour(String.format("#%02x%02x%02x", red, green, blue));
                    assertThat(ground.contrast(ground.ink())).as(ground.hex()).isGreaterThan(3.9);
                }
            }
        }
        assertThat(new Colour("#f3e9d0").ink()).isEqualTo(Colour.DARK);
        assertThat(new Colour("#16241e").ink()).isEqualTo(Colour.WHITE);
    }
}
