package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/** The strip of a row moves from one stop (0) to another (1). */
record Stepping() implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        return new Plan(duration, List.of(new Piece(On.STRIP, 0, duration, easing, Pose.STANDING, new Pose(1, 0, 1))));
    }
}
