package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/**
 * Towards later slides the coming one appears from near, and steps back into its place; towards earlier ones the one that
 * leaves comes nearer, while the other one appears.
 */
record Zoom() implements Transition {
    private static final double NEAR = 1.3;

    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        Pose before = forward ? Pose.INVISIBLE.scaled(NEAR) : Pose.INVISIBLE;
        Piece coming = new Piece(On.INCOMING, 0, duration, easing, before, Pose.STANDING);
        Piece leaving = new Piece(On.OUTGOING, 0, duration, easing, Pose.STANDING, Pose.STANDING.scaled(NEAR));
        return new Plan(duration, forward ? List.of(coming) : List.of(coming, leaving));
    }
}
