package com.keenreel.core.time;

import com.keenreel.core.option.Direction;
import com.keenreel.core.time.Piece.On;
import java.util.List;

/** Both slides move: the coming one pushes the other out, against the way lines are read. */
record Along(Direction direction) implements Transition {
    @Override
    public Plan plan(long duration, boolean forward) {
        double side = forward ? direction.sign() : -direction.sign();
        return new Plan(
                duration,
                List.of(
                        new Piece(On.OUTGOING, 0, duration, Easing.GENTLE, Pose.STANDING, new Pose(-side, 0, 1)),
                        new Piece(On.INCOMING, 0, duration, Easing.GENTLE, new Pose(side, 0, 1), Pose.STANDING)));
    }
}
