package com.keenreel.core.time;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Stop;
import java.util.ArrayList;
import java.util.List;

/**
 * When which stop stands: at 0 the first, for its hold; then the change into the second; and so on, the last changing
 * into the first again.
 *
 * @param holds ms each stop stands still, at least one
 * @param change ms a change takes
 */
public record Schedule(List<Long> holds, long change) {
    public Schedule {
        holds = List.copyOf(holds);
        if (holds.isEmpty()) {
            throw new IllegalArgumentException("A schedule has at least one stop.");
        }
    }

    /** The schedule of a reel that has slides: each stop stands as long as the first slide that is in view there. */
    public static Schedule of(Reel reel, Motion motion, List<Stop> stops) {
        List<Long> holds = stops.stream()
                .map(stop -> reel.hold(reel.slides().get(stop.slides().get(0) - 1)))
                .toList();
        return new Schedule(holds, motion.change());
    }

    /** One full run through all stops, ms: the sum of all holds and changes. */
    public long lap() {
        return holds.stream().mapToLong(Long::longValue).sum() + (holds.size() == 1 ? 0 : holds.size() * change);
    }

    /** When each stop starts to stand in the first lap, ms. */
    public List<Long> starts() {
        List<Long> starts = new ArrayList<>();
        long start = 0;
        for (long hold : holds) {
            starts.add(start);
            start += hold + change;
        }
        return starts;
    }

    /**
     * Where the reel is at that time.
     *
     * @param time ms from the first moment, 0 or more; laps repeat
     */
    public Moment at(double time) {
        if (holds.size() == 1) {
            return new Moment(0, 0, time, false);
        }
        double rest = time % lap();
        for (int stop = 0; stop < holds.size(); stop++) {
            if (rest < holds.get(stop)) {
                return new Moment(stop, stop, rest, false);
            }
            rest -= holds.get(stop);
            if (rest < change) {
                return new Moment(stop, (stop + 1) % holds.size(), rest, true);
            }
            rest -= change;
        }
        return new Moment(0, 0, 0, false);
    }

    /**
     * One moment.
     *
     * @param from the stop that stands, or that is left
     * @param to the stop that stands, or that comes
     * @param into ms into the hold, or into the change
     * @param changing whether a change is going on
     */
    public record Moment(int from, int to, double into, boolean changing) {}
}
