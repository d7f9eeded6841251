package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/**
 * Both slides move: the coming one pushes the other out. Towards earlier slides they move the other way.
 *
 * @param x 1 where they move to the right, -1 to the left, 0 where they move up or down
 * @param y 1 where they move down, -1 up, 0 where they move to a side
 */
record Along(double x, double y) implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        int way = forward ? 1 : -1;
        Pose gone = new Pose(way * x, way * y, 1);
        Pose before = new Pose(-way * x, -way * y, 1);
        return new Plan(
                duration,
                List.of(
                        new Piece(On.OUTGOING, 0, duration, easing, Pose.STANDING, gone),
                        new Piece(On.INCOMING, 0, duration, easing, before, Pose.STANDING)));
    }
}
