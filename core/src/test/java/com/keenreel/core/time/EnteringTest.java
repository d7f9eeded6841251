package com.keenreel.core.time;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class EnteringTest {
    @Test
    void fewComeAtAnEvenPaceAndOfManyNobodyWaitsForTheLast() {
        assertThat(Entering.of(3).delays()).containsExactly(0L, 90L, 180L);
        assertThat(Entering.of(1).delays()).containsExactly(0L);
        assertThat(Entering.of(0).delays()).isEmpty();
        assertThat(Entering.of(200).delays())
                .hasSize(200)
                .isSorted()
                .startsWith(0L, 6L)
                .endsWith(1194L, 1200L);
    }
}
