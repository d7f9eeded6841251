package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/** The slide that leaves fades, and only then the coming one appears: between them the colour that stands behind both is seen. */
record ThroughColour() implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        long half = duration / 2;
        return new Plan(
                duration,
                List.of(
                        new Piece(On.GROUND, 0, duration, easing, Pose.STANDING, Pose.STANDING),
                        new Piece(On.OUTGOING, 0, half, easing, Pose.STANDING, Pose.INVISIBLE),
                        new Piece(On.INCOMING, half, duration - half, easing, Pose.INVISIBLE, Pose.STANDING)));
    }
}
