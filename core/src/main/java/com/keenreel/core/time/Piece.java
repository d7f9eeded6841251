package com.keenreel.core.time;

/**
 * One piece of a transition.
 *
 * @param on what moves
 * @param delay ms from the start of the transition
 * @param duration ms, above 0
 * @param easing how progress runs
 * @param from the pose before and at its start
 * @param to the pose at and after its end
 */
public record Piece(On on, long delay, long duration, Easing easing, Pose from, Pose to) {
    /** What a piece moves. */
    public enum On {
        /** The slide that leaves. */
        OUTGOING,
        /** The slide that comes; it stands above the one that leaves. */
        INCOMING,
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

    /** The pose at that time of the transition, ms. */
    Pose at(double time) {
        return Pose.between(from, to, easing.at((time - delay) / duration));
    }
}
