package com.keenreel.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BreakingTest {
    /** Each letter is 10 px wide. */
    @ParameterizedTest
    @CsvSource({
        "'', 100, 0",
        "'   ', 100, 0",
        "ten letter, 100, 1",
        "ten letters, 100, 2",
        "one two three four, 100, 2",
        "one two three fourteen, 100, 3",
        "sea-side-walk, 90, 2",
        "sesquipedalian, 100, 2",
        "a sesquipedalian word, 100, 3",
        "trailing   , 80, 1"
    })
    void linesAreBrokenAfterSpacesAndHyphens(String text, double width, int lines) {
        assertThat(Breaking.lines(text, false, 15, width, (line, bold, size) -> 10.0 * line.length()))
                .isEqualTo(lines);
    }
}
