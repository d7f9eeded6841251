package com.keenreel.core.time;

import java.util.List;

/** The next slide is there at once. */
record AtOnce() implements Transition {
    @Override
    public Plan plan(long duration, boolean forward, Easing easing) {
        return new Plan(0, List.of());
    }
}
