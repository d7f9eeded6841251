package com.keenreel.measure;

import static org.assertj.core.api.Assertions.assertThat;

/** Runs a measurement once, as short as it can be: it still works, whatever its figures are. */
final class Brief {
    private Brief() {}

    static void run(Figures.Measurement measurement) throws Exception {
        assertThat(Figures.times(2, 1)).as("brief").isEqualTo(1);
        assertThat(Figures.print(measurement)).as("figures").isPositive();
    }
}
