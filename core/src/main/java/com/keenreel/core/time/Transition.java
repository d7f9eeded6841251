package com.keenreel.core.time;

import com.keenreel.core.option.Direction;
import com.keenreel.core.option.LeavingKind;
import com.keenreel.core.option.TransitionKind;

/** A way to get from one stop to another. */
public interface Transition {
    /**
     * What moves.
     *
     * @param duration ms
     * @param forward true towards later slides
     * @param easing how everything that moves runs
     */
    Plan plan(long duration, boolean forward, Easing easing);

    /** The same, but for how the slide before leaves, in a reel that is read in that direction. */
    default Transition leaving(LeavingKind kind, Direction direction) {
        return kind == LeavingKind.AS_ASKED ? this : new Leaving(this, kind, direction.sign());
    }

    /** One of that kind, in a reel that is read in that direction. */
    static Transition of(TransitionKind kind, Direction direction) {
        return switch (kind) {
            case NONE -> new AtOnce();
            case CROSSFADE -> new Crossfade();
            case COLOUR -> new ThroughColour();
            case ALONG -> new Along(-direction.sign(), 0);
            case ALONG_RIGHT -> new Along(direction.sign(), 0);
            case ALONG_UP -> new Along(0, -1);
            case ALONG_DOWN -> new Along(0, 1);
            case OVER_LEFT -> new Over(-direction.sign(), 0);
            case OVER_RIGHT -> new Over(direction.sign(), 0);
            case OVER_UP -> new Over(0, -1);
            case OVER_DOWN -> new Over(0, 1);
            case WIPE_LEFT -> new Wipe(-direction.sign(), 0);
            case WIPE_RIGHT -> new Wipe(direction.sign(), 0);
            case WIPE_UP -> new Wipe(0, -1);
            case WIPE_DOWN -> new Wipe(0, 1);
            case ZOOM -> new Zoom();
            case SLATS -> new Slats(direction.sign());
            case TILES -> new Tiles();
            case SWING -> new Swing(direction.sign());
        };
    }
}
