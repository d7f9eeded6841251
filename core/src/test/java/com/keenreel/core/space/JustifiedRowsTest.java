package com.keenreel.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.space.JustifiedRows.Row;
import java.util.List;
import org.junit.jupiter.api.Test;

class JustifiedRowsTest {
    @Test
    void breaksWhereRowsComeNearestToTheTarget() {
        List<Row> rows = JustifiedRows.of(List.of(1.5, .75, 1.5, 2.4, 1.0, 1.33, .66, 1.5, 1.78), 1200, 260, 12);
        assertThat(rows).extracting(Row::to).containsExactly(3, 6, 9);
        assertThat(rows.get(0).height()).isCloseTo(313.6, within(1e-3));
        assertThat(rows.get(1).height()).isCloseTo(248.626, within(1e-3));
        assertThat(rows.get(2).height()).isEqualTo(260);
    }

    @Test
    void onePictureStandsAtTheTargetOrFillsTheWidth() {
        assertThat(JustifiedRows.of(List.of(1.0), 1200, 260, 12)).containsExactly(new Row(0, 1, 260));
        assertThat(JustifiedRows.of(List.of(8.0), 1200, 260, 12)).containsExactly(new Row(0, 1, 150));
        assertThat(JustifiedRows.of(List.of(), 1200, 260, 12)).isEmpty();
    }
}
