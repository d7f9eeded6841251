package com.keenreel.core.space;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class StopTest {
    private static List<Integer> steps(List<Stop> stops) {
        return stops.stream().map(Stop::steps).toList();
    }

    @Test
    void theLastOfSeveralViewsShowsNoBlank() {
        assertThat(steps(Stop.views(3, 9))).containsExactly(0, 3, 6);
        assertThat(steps(Stop.views(3, 8))).containsExactly(0, 3, 5); // its step is shortened
        assertThat(steps(Stop.views(3, 4))).containsExactly(0, 1);
        assertThat(steps(Stop.views(3, 2))).containsExactly(0);
        assertThat(Stop.views(3, 8).get(2).slides()).containsExactly(6, 7, 8);
        assertThat(Stop.views(3, 2).get(0).slides()).containsExactly(1, 2);
    }

    @Test
    void oneByOneEveryStopIsOneSlideOn() {
        assertThat(steps(Stop.every(3, 5))).containsExactly(0, 1, 2);
        assertThat(steps(Stop.every(3, 1))).containsExactly(0);
    }

    @Test
    void roundTheSeamTheFirstSlidesFollowTheLast() {
        List<Stop> stops = Stop.round(3, 5);
        assertThat(stops).hasSize(5);
        assertThat(stops.get(0).slides()).containsExactly(1, 2, 3);
        assertThat(stops.get(3).slides()).containsExactly(4, 5, 1);
        assertThat(stops.get(4).slides()).containsExactly(5, 1, 2);
        assertThat(stops.get(4).steps()).isEqualTo(4);
    }
}
