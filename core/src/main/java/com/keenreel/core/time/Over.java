package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/**
 * The coming slide moves over the one that leaves, which stands. Towards earlier slides it moves the other way.
 *
 * @param x 1 where it moves to the right, -1 to the left, 0 where it moves up or down
 * @param y 1 where it moves down, -1 up, 0 where it moves to a side
 */
record Over(double x, double y) implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        int way = forward ? 1 : -1;
        Pose before = new Pose(-way * x, -way * y, 1);
        return new Plan(duration, List.of(new Piece(On.INCOMING, 0, duration, easing, before, Pose.STANDING)));
    }
}
