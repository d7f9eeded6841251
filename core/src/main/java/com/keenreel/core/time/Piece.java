package com.keenreel.core.time;

import org.jspecify.annotations.Nullable;

/**
 * One piece of a transition.
 *
 * @param on what moves
 * @param cut how its picture is cut, if it moves in pieces: the poses are then those of each, in its own size
 * @param delay ms from the start of the transition
 * @param duration ms, above 0; of each, where it is cut
 * @param easing how progress runs
 * @param from the pose before and at its start
 * @param to the pose at and after its end
 */
public record Piece(On on, @Nullable Cut cut, long delay, long duration, Easing easing, Pose from, Pose to) {
    /** What a piece moves. */
    public enum On {
        /** The slide that leaves. */
        OUTGOING,
        /** The slide that comes; it stands above the one that leaves. */
        INCOMING,
        /** What the coming slide shows beside its picture. */
        WORDS,
        /** What stands behind all slides, as large as their pictures, and is seen while this moves. */
        GROUND,
        /** The strip on which all slides stand. */
        STRIP,
        /** Every slide, each around itself. */
        EACH
    }

    public Piece {
        if (delay < 0 || duration <= 0) {
            throw new IllegalArgumentException("A piece starts at 0 ms or later and takes time.");
        }
    }

    /** What moves as a whole. */
    public Piece(On on, long delay, long duration, Easing easing, Pose from, Pose to) {
        this(on, null, delay, duration, easing, from, to);
    }

    /** When all of it stands, ms from the start of the transition. */
    long end() {
        return delay + (cut == null ? 0 : cut.last()) + duration;
    }

    /** The pose at that time of the transition, ms. */
    Pose at(double time) {
        return Pose.between(from, to, easing.at((time - delay) / duration));
    }
}
