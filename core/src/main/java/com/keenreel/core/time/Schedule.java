package com.keenreel.core.time;

import com.keenreel.core.option.CourseKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Stop;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;

/**
 * When which stop stands: at 0 the first, for its hold; then the change into another; and so on, the last changing into the
 * first again.
 *
 * @param holds ms each stop stands still, at least one
 * @param changes ms the change into each stop takes; going back, that of the stop that is left
 * @param course in which order they come
 */
public record Schedule(List<Long> holds, List<Long> changes, CourseKind course) {
    public Schedule {
        holds = List.copyOf(holds);
        changes = List.copyOf(changes);
        if (holds.isEmpty() || changes.size() != holds.size()) {
            throw new IllegalArgumentException("A schedule has at least one stop, and a change into each.");
        }
    }

    /** Onward. */
    public Schedule(List<Long> holds, List<Long> changes) {
        this(holds, changes, CourseKind.ONWARD);
    }

    /** Onward; all changes take that long, ms. */
    public Schedule(List<Long> holds, long change) {
        this(holds, holds.stream().map(hold -> change).toList());
    }

    /** The schedule of a reel that has slides: each stop stands as long as the first slide that is in view there, and comes as that does. */
    public static Schedule of(Reel reel, Motion motion, List<Stop> stops) {
        List<Integer> first =
                stops.stream().map(stop -> stop.slides().get(0) - 1).toList();
        return new Schedule(
                first.stream().map(i -> reel.hold(reel.slides().get(i))).toList(),
                first.stream().map(motion::change).toList(),
                reel.choices().get(MotionOptions.COURSE));
    }

    /**
     * A stop that stands, and the change into the next one.
     *
     * @param start when it starts to stand, ms into a lap
     * @param stop which
     * @param hold ms
     * @param change ms; 0 where there is but one stop
     * @param next into which stop that leads
     * @param forward whether it is towards later slides; from the last on to the first is too
     */
    public record Leg(long start, int stop, long hold, long change, int next, boolean forward) {
        /** When the next one stands, ms into the lap. */
        long end() {
            return start + hold + change;
        }
    }

    /** One lap, stop after stop: to and fro, the first and the last stand once in it, all others twice. */
    public List<Leg> legs() {
        List<Integer> order = order();
        List<Leg> legs = new ArrayList<>();
        long start = 0;
        for (int i = 0; i < order.size(); i++) {
            int stop = order.get(i);
            int next = order.get((i + 1) % order.size());
            boolean forward = course == CourseKind.ONWARD || course == CourseKind.TO_AND_FRO && i < holds.size() - 1;
            long change = order.size() == 1 ? 0 : changes.get(forward ? next : stop);
            Leg leg = new Leg(start, stop, holds.get(stop), change, next, forward);
            legs.add(leg);
            start = leg.end();
        }
        return legs;
    }

    private List<Integer> order() {
        int last = holds.size() - 1;
        List<Integer> order = new ArrayList<>();
        IntStream on = IntStream.rangeClosed(0, last);
        IntStream back = IntStream.rangeClosed(1, last).map(i -> last + 1 - i);
        switch (course) {
            case ONWARD -> on.forEach(order::add);
            case BACKWARD -> IntStream.concat(IntStream.of(0), back).forEach(order::add);
            case TO_AND_FRO -> IntStream.concat(on, back.skip(1)).forEach(order::add);
        }
        return order;
    }

    /** One full run, ms: the sum of all its holds and changes. */
    public long lap() {
        List<Leg> legs = legs();
        return legs.get(legs.size() - 1).end();
    }

    /** When each stop starts to stand in the first lap, ms: once or twice. */
    public List<List<Long>> starts() {
        List<List<Long>> starts = new ArrayList<>();
        holds.forEach(hold -> starts.add(new ArrayList<>()));
        legs().forEach(leg -> starts.get(leg.stop).add(leg.start));
        return starts;
    }

    /** When the change into each stop first begins, ms into a lap: into the first one at its end. */
    public List<Long> comes() {
        List<Long> comes = new ArrayList<>(Collections.nCopies(holds.size(), 0L));
        List<Leg> legs = legs();
        for (int i = legs.size() - 1; i >= 0; i--) { // so that the first of two is what stays
            comes.set(legs.get(i).next, legs.get(i).start + legs.get(i).hold);
        }
        return comes;
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
        for (Leg leg : legs()) {
            if (rest < leg.start + leg.hold) {
                return new Moment(leg.stop, leg.stop, rest - leg.start, false);
            }
            if (rest < leg.end()) {
                return new Moment(leg.stop, leg.next, rest - leg.start - leg.hold, true);
            }
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
