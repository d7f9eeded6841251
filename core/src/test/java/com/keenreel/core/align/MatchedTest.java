package com.keenreel.core.align;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.align.Matched.Point;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class MatchedTest {
    private static final double[][] AT = {{0.2, 0.3}, {0.8, 0.25}, {0.3, 0.9}, {0.75, 0.8}};

    private static List<Point> points(Warp warp, int count) {
        List<Point> points = new ArrayList<>();
        for (double[] at : AT) {
            if (points.size() < count) {
                points.add(new Point(at[0], at[1], warp.x(at[0], at[1]), warp.y(at[0], at[1])));
            }
        }
        return points;
    }

    private static void same(Warp found, Warp wanted) {
        for (int i = 0; i < 8; i++) {
            assertThat(found.numbers().get(i)).isCloseTo(wanted.numbers().get(i), within(1e-9));
        }
    }

    @Test
    void asManyPointsAsAreSetSayWhatTheyCan() {
        Warp alike = Warp.turn(3, 1.05, 1.5).then(Warp.shift(0.04, -0.02));
        same(Matched.warp(points(alike, 2), 1.5, 1.5), alike);
        Warp slanted = new Warp(1.02, 0.03, 0.01, -0.02, 0.97, 0.05, 0, 0);
        same(Matched.warp(points(slanted, 3), 1.5, 4 / 3.0), slanted);
        Warp tilted = new Warp(1.02, 0.03, 0.01, -0.02, 0.97, 0.05, 0.03, -0.02);
        same(Matched.warp(points(tilted, 4), 1.5, 0.75), tilted);
    }

    @Test
    void pointsThatDoNotSayItAreRefused() {
        List<Point> one = points(Warp.NONE, 1);
        assertThatThrownBy(() -> Matched.warp(one, 1, 1)).hasMessageContaining("two to four points");
        List<Point> twice = List.of(one.get(0), one.get(0));
        assertThatThrownBy(() -> Matched.warp(twice, 1, 1)).hasMessageContaining("further apart");
        List<Point> line =
                List.of(new Point(0.1, 0.1, 0.1, 0.1), new Point(0.5, 0.5, 0.5, 0.5), new Point(0.9, 0.9, 0.9, 0.9));
        assertThatThrownBy(() -> Matched.warp(line, 1, 1)).hasMessageContaining("further apart");
    }
}
