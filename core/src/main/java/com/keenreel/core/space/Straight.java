package com.keenreel.core.space;

import com.keenreel.core.space.Length.Extreme;
import com.keenreel.core.space.Length.Linear;
import com.keenreel.core.space.Length.Sum;
import java.util.ArrayList;
import java.util.List;

/**
 * A stretch of widths in which a length is a straight line.
 *
 * @param below the first width that is not in it, px; infinite for the last one
 * @param line the length there
 */
public record Straight(double below, Linear line) {
    /** Which of two lengths that depend on the view differently is the greater is asked at this height, px. */
    private static final double VIEW = 800;

    static List<Straight> of(Length length, double from, double below) {
        if (length instanceof Sum sum) {
            List<Straight> all = List.of(new Straight(below, sum.linear()));
            for (Length other : sum.others()) {
                all = together(
                        all,
                        of(other, from, below),
                        from,
                        (a, b, start, end) -> List.of(new Straight(end, (Linear) a.plus(b))));
            }
            return all;
        }
        if (length instanceof Extreme extreme) {
            return together(
                    of(extreme.a(), from, below),
                    of(extreme.b(), from, below),
                    from,
                    (a, b, start, end) -> choice(extreme.smallest(), a, b, start, end));
        }
        return List.of(new Straight(below, (Linear) length));
    }

    private interface Joint {
        List<Straight> of(Linear a, Linear b, double start, double end);
    }

    /** Joins two lengths on every stretch in which both are straight. */
    private static List<Straight> together(List<Straight> one, List<Straight> other, double from, Joint joint) {
        List<Straight> all = new ArrayList<>();
        double start = from;
        int i = 0;
        int j = 0;
        while (i < one.size() && j < other.size()) {
            double end = Math.min(one.get(i).below, other.get(j).below);
            for (Straight next : joint.of(one.get(i).line, other.get(j).line, start, end)) {
                if (!all.isEmpty() && all.get(all.size() - 1).line.equals(next.line)) {
                    all.remove(all.size() - 1);
                }
                all.add(next);
            }
            start = end;
            boolean oneEnds = one.get(i).below == end;
            boolean otherEnds = other.get(j).below == end;
            i += oneEnds ? 1 : 0;
            j += otherEnds ? 1 : 0;
        }
        return all;
    }

    /** The smaller or the greater of two lines, which cross once at the most. */
    private static List<Straight> choice(boolean smallest, Linear a, Linear b, double start, double end) {
        double crossing = (b.at(0, VIEW) - a.at(0, VIEW)) / (a.share() - b.share());
        if (!(crossing > start && crossing < end)) {
            return List.of(new Straight(end, chosen(smallest, a, b, start, end)));
        }
        return List.of(
                new Straight(crossing, chosen(smallest, a, b, start, crossing)),
                new Straight(end, chosen(smallest, a, b, crossing, end)));
    }

    private static Linear chosen(boolean smallest, Linear a, Linear b, double start, double end) {
        double middle = Double.isInfinite(end) ? start + 1 : (start + end) / 2;
        return a.at(middle, VIEW) < b.at(middle, VIEW) == smallest ? a : b;
    }
}
