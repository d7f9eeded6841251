package com.keenreel.core.time;

/** What moves in a reel, and what leads it: a change from one stop to another, a position, or time. */
public sealed interface Motion {
    /** What leads, in a word: "change", "position", "time" or "nothing". Plans and style sheets say it. */
    String lead();

    /** Whether a visitor goes from stop to stop. */
    default boolean stops() {
        return false;
    }

    /** How long a change from stop to stop takes, ms; 0 where there is none. */
    default long change() {
        return 0;
    }

    /** Nothing moves. */
    record Still() implements Motion {
        @Override
        public String lead() {
            return "nothing";
        }
    }

    /**
     * One slide gives way to another.
     *
     * @param transition how
     * @param chosen how long it takes where something moves, ms
     */
    record ByChange(Transition transition, long chosen) implements Motion {
        @Override
        public String lead() {
            return "change";
        }

        @Override
        public boolean stops() {
            return true;
        }

        @Override
        public long change() {
            return transition.plan(chosen, true).duration();
        }
    }

    /**
     * The strip moves from stop to stop, and with a hand that drags it.
     *
     * @param change how long one step takes, ms
     */
    record ByPosition(long change) implements Motion {
        @Override
        public String lead() {
            return "position";
        }

        @Override
        public boolean stops() {
            return true;
        }

        /** The strip's way from one stop to another. */
        public Plan step() {
            return new Stepping().plan(change, true);
        }
    }

    /**
     * The strip moves on endlessly, lap after lap.
     *
     * @param pxPerSecond the same on every screen, above 0
     * @param onward whether it brings what stands later in reading order; else it goes the other way
     */
    record ByTime(double pxPerSecond, boolean onward) implements Motion {
        @Override
        public String lead() {
            return "time";
        }

        /** How long a lap of that many px takes, ms. */
        public double lapTime(double lap) {
            return Running.lapTime(lap, pxPerSecond);
        }

        /** The strip's way by one lap. */
        public Plan lap() {
            return new Running().plan(1, onward);
        }
    }
}
