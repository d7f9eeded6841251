package com.keenreel.core.time;

import com.keenreel.core.option.Options;
import com.keenreel.core.reel.Reel;

/** A way to get from one stop to another. */
public interface Transition {
    /**
     * What moves.
     *
     * @param duration ms
     * @param forward true towards later slides
     */
    Plan plan(long duration, boolean forward);

    /** The transition that was chosen for that reel. */
    static Transition of(Reel reel) {
        return switch (reel.arrangement()) {
            case ROW -> new Stepping();
            case MARQUEE -> new Running();
            case SINGLE ->
                switch (reel.choices().get(Options.TRANSITION)) {
                    case NONE -> new Cut();
                    case CROSSFADE -> new Crossfade();
                    case ALONG -> new Along(reel.direction());
                };
        };
    }

    /** How long a change takes in that reel, ms; 0 where nothing moves. */
    static long duration(Reel reel) {
        long chosen = Math.round(1000 * reel.choices().get(Options.TRANSITION_TIME));
        return of(reel).plan(chosen, true).duration();
    }
}
