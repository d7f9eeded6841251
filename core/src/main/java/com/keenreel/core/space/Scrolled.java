package com.keenreel.core.space;

/** How a part stands while the page around it is scrolled. */
public sealed interface Scrolled {
    /**
     * How much of its way through the window a reel has gone, 0 to 1.
     *
     * @param top of the reel, from the upper edge of the window, px
     * @param height of the reel, px
     * @param view height of the window, px; above 0
     */
    static double gone(double top, double height, double view) {
        return Math.min(1, Math.max(0, (view - top) / (view + height)));
    }

    /** The same turned round, left for right. */
    default Scrolled mirrored() {
        return this;
    }

    /**
     * It stays in the window while what it is in goes on.
     *
     * @param far how far it goes down in that, at the most
     * @param edge how far below the window's upper edge it stays, px
     */
    record Stays(Length far, double edge) implements Scrolled {
        /**
         * How far below its own place it stands, px.
         *
         * @param above how far its own place is above the window's upper edge, px; below 0 while it is below that
         */
        double down(double above, double width, double view) {
            return Math.min(Math.max(0, above + edge), far.at(width, view));
        }
    }

    /**
     * It moves sideways with the reel's way through the window, in proportion.
     *
     * @param from how far to the right of its place it stands while the reel comes in at the lower edge of the window
     * @param to the same once it has left at the upper one
     */
    record Shifts(Length from, Length to) implements Scrolled {
        /** How far to the right of its place it stands after that share of the way, 0 to 1, px. */
        double right(double gone, double width, double view) {
            double start = from.at(width, view);
            return start + (to.at(width, view) - start) * gone;
        }

        @Override
        public Scrolled mirrored() {
            return new Shifts(from.times(-1), to.times(-1));
        }
    }
}
