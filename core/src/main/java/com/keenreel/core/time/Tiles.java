package com.keenreel.core.time;

/** The coming picture appears in tiles, from the middle outward, each growing into its place. Words appear meanwhile. */
record Tiles() implements Transition {
    private static final int COLUMNS = 6;
    private static final int ROWS = 4;
    private static final double SMALL = 0.6;

    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        Cut cut = new Cut(COLUMNS, ROWS, Cut.Order.OUTWARD, duration / 10);
        return cut.coming(duration, easing, Pose.INVISIBLE.scaled(SMALL));
    }
}
