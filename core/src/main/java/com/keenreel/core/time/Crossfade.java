package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/** The coming slide fades in above the one that leaves. */
record Crossfade() implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        return new Plan(duration, List.of(new Piece(On.INCOMING, 0, duration, easing, Pose.INVISIBLE, Pose.STANDING)));
    }
}
