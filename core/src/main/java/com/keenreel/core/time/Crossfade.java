package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/** The coming slide fades in above the one that leaves. */
record Crossfade() implements Transition {
    @Override
    public Plan plan(long duration, boolean forward) {
        Pose invisible = new Pose(0, 0, 0);
        return new Plan(
                duration, List.of(new Piece(On.INCOMING, 0, duration, Easing.GENTLE, invisible, Pose.STANDING)));
    }
}
