package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/**
 * The coming slide swings in over the one that leaves, around a lower corner: that at which reading ends; towards earlier
 * slides the other one.
 *
 * @param sign 1 where a reel is read from left to right, -1 where from right to left
 */
record Swing(int sign) implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        int way = forward ? sign : -sign;
        Shift corner = new Shift(way * 0.5, 0.5);
        Pose away = Pose.STANDING.turned(way * 90, corner);
        Pose there = Pose.STANDING.turned(0, corner);
        return new Plan(duration, List.of(new Piece(On.INCOMING, 0, duration, easing, away, there)));
    }
}
