package com.keenreel.core.time;

/**
 * The coming picture falls into its place in upright slats, one after another in reading order; towards earlier slides it
 * rises, the last slat first. Words appear meanwhile.
 *
 * @param sign 1 where a reel is read from left to right, -1 where from right to left
 */
record Slats(int sign) implements Transition {
    private static final int COUNT = 8;

    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        Cut.Order order = forward == sign > 0 ? Cut.Order.ONWARD : Cut.Order.BACK;
        Cut cut = new Cut(COUNT, 1, order, duration / (2 * COUNT));
        Pose away = new Pose(0, forward ? -1 : 1, 1);
        return cut.coming(duration, easing, away);
    }
}
