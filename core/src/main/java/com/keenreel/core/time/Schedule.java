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
 * @param changes ms the change into each stop takes
 */
public record Schedule(List<Long> holds, List<Long> changes) {
    public Schedule {
        holds = List.copyOf(holds);
        changes = List.copyOf(changes);
        if (holds.isEmpty() || changes.size() != holds.size()) {
            throw new IllegalArgumentException("A schedule has at least one stop, and a change into each.");
        }
    }

    /** All changes take that long, ms. */
    public Schedule(List<Long> holds, long change) {
        this(holds, holds.stream().map(hold -> change).toList());
    }

    /** The schedule of a reel that has slides: each stop stands as long as the first slide that is in view there, and comes as that does. */
    public static Schedule of(Reel reel, Motion motion, List<Stop> stops) {
        List<Integer> first =
                stops.stream().map(stop -> stop.slides().get(0) - 1).toList();
        return new Schedule(
                first.stream().map(i -> reel.hold(reel.slides().get(i))).toList(),
                first.stream().map(motion::change).toList());
    }

    /** The stop after that one; after the last comes the first. */
    public int after(int stop) {
        return (stop + 1) % holds.size();
    }

    /** One full run through all stops, ms: the sum of all holds and changes. */
    public long lap() {
        long standing = holds.stream().mapToLong(Long::longValue).sum();
        return standing
                + (holds.size() == 1
                        ? 0
                        : changes.stream().mapToLong(Long::longValue).sum());
    }

    /** When each stop starts to stand in the first lap, ms. */
    public List<Long> starts() {
        List<Long> starts = new ArrayList<>();
        long start = 0;
        for (int stop = 0; stop < holds.size(); stop++) {
            starts.add(start);
            start += holds.get(stop) + changes.get(after(stop));
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
            long change = changes.get(after(stop));
            if (rest < change) {
                return new Moment(stop, after(stop), rest, true);
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
