package com.keenreel.app.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which answers are sent packed. */
class AnswerTest {
    @ParameterizedTest
    @CsvSource({
        "gzip, true",
        "'br, GZIP', true",
        "'gzip;q=0.5, br', true",
        "'gzip; q=0.001', true",
        "gzip;q=1, true",
        "gzip;q=0, false",
        "'br, gzip; q=0', false",
        "'gzip ;q=0.000, identity', false",
        "br, false",
        "identity, false",
        ", false"
    })
    void gzipIsSentWhereItIsWanted(String encodings, boolean sent) {
        assertThat(Answer.accepts(encodings)).isEqualTo(sent);
    }
}
