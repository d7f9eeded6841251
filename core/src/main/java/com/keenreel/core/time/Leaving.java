package com.keenreel.core.time;

import com.keenreel.core.option.LeavingKind;
import com.keenreel.core.time.Piece.On;
import java.util.ArrayList;
import java.util.List;

/**
 * A transition in which the slide that leaves does something else than that asks. It does so in the time in which it would
 * have moved otherwise, or all along. Towards earlier slides it moves the other way.
 *
 * @param coming what the other slide does
 * @param kind what this one does
 * @param sign 1 where a reel is read from left to right, -1 where from right to left
 */
record Leaving(Transition coming, LeavingKind kind, int sign) implements Transition {
    private static final double SMALL = 0.6;

    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        Plan asked = coming.plan(duration, forward, easing);
        if (asked.duration() == 0) {
            return asked; // nobody would see it
        }
        List<Piece> pieces = new ArrayList<>();
        long start = 0;
        long time = duration;
        for (Piece piece : asked.pieces()) {
            if (piece.on() == On.OUTGOING) {
                start = piece.delay();
                time = piece.duration();
            } else {
                pieces.add(piece);
            }
        }
        if (kind != LeavingKind.STANDS) {
            pieces.add(new Piece(On.OUTGOING, start, time, easing, Pose.STANDING, gone(forward ? 1 : -1)));
        }
        return new Plan(duration, pieces);
    }

    private Pose gone(int way) {
        return switch (kind) {
            case FADES -> Pose.INVISIBLE;
            case LEFT -> new Pose(-way * sign, 0, 1);
            case RIGHT -> new Pose(way * sign, 0, 1);
            case UP -> new Pose(0, -way, 1);
            case DOWN -> new Pose(0, way, 1);
            case SHRINKS -> Pose.INVISIBLE.scaled(SMALL);
            case AS_ASKED, STANDS -> Pose.STANDING;
        };
    }
}
