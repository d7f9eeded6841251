package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/** Both slides move: the coming one pushes the other out. */
final class Along implements Transition {
    @Override
    public Plan plan(long duration, boolean forward) {
        double side = forward ? 1 : -1;
        return new Plan(
                duration,
                List.of(
                        new Piece(On.OUTGOING, 0, duration, Easing.GENTLE, Pose.STANDING, new Pose(-side, 0, 1)),
                        new Piece(On.INCOMING, 0, duration, Easing.GENTLE, new Pose(side, 0, 1), Pose.STANDING)));
    }
}
