package com.keenreel.core.time;

/**
 * A way from one stop to another, in both directions.
 *
 * @param on towards later slides
 * @param back towards earlier ones
 */
public record Change(Plan on, Plan back) {
    /** That transition in that time, ms. */
    static Change of(Transition transition, long duration, Easing easing) {
        return new Change(transition.plan(duration, true, easing), transition.plan(duration, false, easing));
    }

    /** Whether it cuts pictures, or moves windows over them, in either direction. */
    public boolean cuts() {
        return on.cuts() || back.cuts();
    }

    /** How long it takes, ms; 0 when the next stop stands at once. */
    public long ms() {
        return on.duration();
    }
}
