package com.keenreel.core.time;

import com.keenreel.core.time.Piece.On;
import java.util.List;

/** The strip of an endless band moves by one lap at constant speed. */
public final class Running implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        Pose aLapOn = new Pose(forward ? 1 : -1, 0, 1);
        return new Plan(duration, List.of(new Piece(On.STRIP, 0, duration, easing, Pose.STANDING, aLapOn)));
    }

    /**
     * How long a lap takes, ms.
     *
     * @param lap px
     * @param speed px per second, the same on every screen
     */
    public static double lapTime(double lap, double speed) {
        return 1000 * lap / speed;
    }
}
