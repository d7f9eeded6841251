package com.keenreel.core.arrangement;

import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Controls;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Where everything of a reel stands, at every width. The same boxes are printed as CSS for visitors and evaluated here
 * for figures, findings and tests.
 *
 * <pre>{@code
 * Layout layout = Layout.of(reel, facts);
 * layout.at(820, 800);            // boxes on a host that is 820 px wide
 * layout.frame(SetUp.PHONE);      // the tree of lengths that is printed
 * }</pre>
 */
public final class Layout {
    /** What a press target needs each way at the least, px: WCAG 2.2, success criterion 2.5.8. */
    public static final double TARGET = Controls.DOT;

    private final Reel reel;
    private final Places places;
    private final Map<SetUp, Placed> frames = new ConcurrentHashMap<>();

    private Layout(Reel reel, Places places) {
        this.reel = reel;
        this.places = places;
    }

    /**
     * The layout of that reel.
     *
     * @throws IllegalArgumentException when a picture's facts are missing
     */
    public static Layout of(Reel reel, Facts facts) {
        return new Layout(reel, Arrangements.of(reel).places(reel, facts));
    }

    /** The reel's width and where it starts in its host, both as lengths of the host's width. */
    public Box inHost(SetUp setUp) {
        Box box = new Box(
                Widths.start(reelWidth(), reel.choices().get(Options.ALIGNED)),
                Length.ZERO,
                Widths.reel(reelWidth()),
                frame(setUp).box().height().over(Widths.reel(reelWidth())));
        return mirrored() ? box.mirroredIn(Length.WIDTH) : box;
    }

    private ReelWidth reelWidth() {
        ReelWidth chosen = reel.choices().get(Options.WIDTH);
        return new ReelWidth(chosen.share(), Math.min(chosen.most(), places.widest()));
    }

    /**
     * The set-up on a host of that width.
     *
     * @param hostWidth px, 0 or more
     * @throws IllegalArgumentException when it is no such number
     */
    public SetUp setUp(double hostWidth) {
        if (!(hostWidth >= 0) || Double.isInfinite(hostWidth)) {
            throw new IllegalArgumentException("A width is a number of px, 0 or more.");
        }
        return reel.limits().at(Widths.reel(reelWidth()).at(hostWidth));
    }

    /** The least host width at which that set-up holds, px; positive infinity when it never does. */
    public double from(SetUp setUp) {
        return Widths.slotFor(reelWidth(), reel.limits().from(setUp));
    }

    /** Everything in the frame at the first moment, as lengths of the reel's width. */
    public Placed frame(SetUp setUp) {
        return frames.computeIfAbsent(
                setUp, any -> mirrored() ? places.frame(any).mirrored() : places.frame(any));
    }

    /** Whether that part has a place in some set-up; what has none anywhere is left out of the markup. */
    public boolean stands(Part part) {
        return Arrays.stream(SetUp.values())
                .anyMatch(setUp -> frame(setUp).boxOf(part).isPresent());
    }

    private boolean mirrored() {
        return reel.direction() == Direction.RTL;
    }

    /** How many stops a visitor can go to. */
    public int stops(SetUp setUp) {
        return places.stops(setUp);
    }

    /** How far the strip moves from one stop to the next, or in one lap of an endless band. */
    public Length step(SetUp setUp) {
        return places.step(setUp);
    }

    /** The same with its side: to the right where it is positive, as in a reel that is read from left to right. */
    public Length stride(SetUp setUp) {
        return step(setUp).times(reel.direction().sign());
    }

    /** How many slides are in view whole at each stop. */
    public int shown(SetUp setUp) {
        return places.shown(setUp);
    }

    /** How many times its slides stand one after another; 1 where nothing is endless. */
    public int copies() {
        return places.copies();
    }

    /** The space between two slides that stand side by side; nothing where each has the whole frame. */
    public Length gap(SetUp setUp) {
        return places.gap(setUp);
    }

    /** The numbers of slides that stand too narrow to be recognised in that set-up. */
    public List<Integer> narrow(SetUp setUp) {
        return places.narrow(setUp);
    }

    /** True when dots were asked for but too many stops leave no room for them in that set-up. */
    public boolean dotsLeftOut(SetUp setUp) {
        return Arrangements.of(reel).has(Options.DOTS)
                && reel.choices().get(Options.DOTS, setUp)
                && stops(setUp) > 1
                && frame(setUp).boxOf(Part.dot(1)).isEmpty();
    }

    /**
     * Every box that can be seen at the first moment, in CSS px from the host's top left corner.
     *
     * @param hostWidth px
     * @param view the height of the window, px
     * @throws IllegalArgumentException when one of them is no number, or below 0
     */
    public List<Measured> at(double hostWidth, double view) {
        if (!(view >= 0) || Double.isInfinite(view)) {
            throw new IllegalArgumentException("A height is a number of px, 0 or more.");
        }
        Box inHost = inHost(setUp(hostWidth));
        double width = inHost.width().at(hostWidth, view);
        List<Measured> seen = new ArrayList<>();
        Rectangle everything = new Rectangle(-1e9, -1e9, 1e9, 1e9);
        collect(frame(setUp(hostWidth)), inHost.left().at(hostWidth, view), 0, width, view, everything, seen);
        return seen;
    }

    private record Rectangle(double left, double top, double right, double bottom) {
        Rectangle and(double x, double y, double width, double height) {
            return new Rectangle(
                    Math.max(left, x), Math.max(top, y), Math.min(right, x + width), Math.min(bottom, y + height));
        }

        boolean isEmpty() {
            return right - left < 1e-6 || bottom - top < 1e-6;
        }
    }

    private static void collect(
            Placed placed, double fromX, double fromY, double width, double view, Rectangle clip, List<Measured> seen) {
        double x = fromX + placed.box().left().at(width, view);
        double y = fromY + placed.box().top().at(width, view);
        double boxWidth = placed.box().width().at(width, view);
        double boxHeight = placed.box().height().at(width, view);
        Rectangle visible = clip.and(x, y, boxWidth, boxHeight);
        if (visible.isEmpty() || placed.room().at(width, view) < 0) {
            return;
        }
        String name = placed.part().box();
        if (name != null) {
            seen.add(new Measured(name, x, y, boxWidth, boxHeight));
        }
        for (Placed child : placed.inside()) {
            collect(child, x, y, width, view, placed.clips() ? visible : clip, seen);
        }
    }
}
