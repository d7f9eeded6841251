package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/**
 * The coming slide is uncovered by an edge that moves over the one that leaves; neither of them moves. Towards earlier
 * slides the edge moves the other way.
 *
 * @param x 1 where the edge moves to the right, -1 to the left, 0 where it moves up or down
 * @param y 1 where the edge moves down, -1 up, 0 where it moves to a side
 */
record Wipe(double x, double y) implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        int way = forward ? 1 : -1;
        Pose covered = Pose.through(-way * x, -way * y);
        return new Plan(duration, List.of(new Piece(On.INCOMING, 0, duration, easing, covered, Pose.STANDING)));
    }
}
