package com.keenreel.core.space;

import com.keenreel.core.option.MarkKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Options;
import com.keenreel.core.reel.Reel;
import java.util.ArrayList;
import java.util.List;

/** The hit areas of what visitors steer with. The same on every device, so that the wall equals the phone. */
public final class Controls {
    /** Side of the hit area of an arrow, the pause button and a handle, px. */
    public static final double HIT = 44;

    /** Side of the hit area of a dot, px: the least that a press target needs, by WCAG 2.2, success criterion 2.5.8. */
    public static final double DOT = 24;

    /** Between a control and the edge of the frame, px. */
    public static final double EDGE = 8;

    /** Between a strip of slides and the controls below it, px. */
    public static final double BELOW = 4;

    /** What arrows need below one another with the line of dots and pause, px: they stand in the middle, it at the foot. */
    private static final double TOGETHER = 2 * (HIT + EDGE) + HIT;

    /** No reel is laid out wider, px. */
    private static final double WIDEST = 4000;

    private final Reel reel;
    private final Span span;
    private final int stops;
    private final Length picture;
    private final boolean onPicture;
    private final double arrowsBelow;
    private final double lineBelow;

    /**
     * The controls of a reel in a stretch of its widths.
     *
     * @param stops how many stops there are
     * @param picture the height of the picture area, at whose sides arrows stand
     * @param onPicture whether dots and pause stand at its foot where there is room, else always below
     */
    public Controls(Reel reel, Span span, int stops, Length picture, boolean onPicture) {
        this.reel = reel;
        this.span = span;
        this.stops = stops;
        this.picture = picture;
        this.onPicture = onPicture;
        this.arrowsBelow = arrows() ? limit(HIT) : 0;
        this.lineBelow =
                !line() ? arrowsBelow : onPicture ? Math.max(arrowsBelow, limit(needed())) : Double.POSITIVE_INFINITY;
    }

    /** The least whole width of the stretch from which the picture area is that high; 0 for all of it, infinite for none. */
    private double limit(double height) {
        double from = span.narrowest();
        double to = Math.min(WIDEST, span.below());
        if (picture.at(from, 0) >= height) {
            return 0;
        }
        if (picture.at(to, 0) < height) {
            return Double.POSITIVE_INFINITY;
        }
        while (to - from > 1e-6) {
            double middle = (from + to) / 2;
            if (picture.at(middle, 0) < height) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return Math.ceil(to - 1e-3);
    }

    /** The height that the picture area needs for the line at its foot to be clear of the arrows. */
    private double needed() {
        double dots = marks() == MarkKind.LINE ? WIDEST : stops * DOT;
        boolean beside = pause() || dots > span.narrowest() - 2 * (HIT + 2 * EDGE); // dots that reach below arrows
        return arrows() && beside ? TOGETHER : HIT + 2 * EDGE;
    }

    public boolean arrows() {
        return stops > 1 && reel.choices().get(Options.ARROWS, span.setUp());
    }

    boolean pause() {
        return reel.choices().get(MotionOptions.AUTOPLAY) && stops > 1;
    }

    /** True when dots are wanted and there is room for them, beside what else is in the line, at the narrowest width. */
    public boolean dots() {
        return stops > 1 && reel.choices().get(Options.DOTS, span.setUp()) && stops * DOT <= roomForDots();
    }

    private MarkKind marks() {
        return reel.choices().get(Options.MARKS, span.setUp());
    }

    private double roomForDots() {
        return span.narrowest() - 2 * besideDots();
    }

    /** What else stands in the line, on each side of the middle, px. */
    private double besideDots() {
        int beside = (pause() ? 1 : 0) + (arrowsBelow > 0 ? 1 : 0);
        return beside * (HIT + EDGE) + EDGE;
    }

    /** True when dots or a pause button stand somewhere. */
    public boolean line() {
        return dots() || pause();
    }

    /** How much room is taken below everything: where there is none on the picture, controls stand there. */
    public Length below() {
        return Length.below(lineBelow, Length.px(BELOW + HIT), Length.ZERO);
    }

    /** What the line takes at the foot of the picture area: words keep clear of it. */
    public Length atFoot() {
        double line = onPicture && line() ? HIT + 2 * EDGE : 0;
        return Length.px(line).minus(Length.below(lineBelow, Length.px(line), Length.ZERO));
    }

    /**
     * All of them: arrows halfway down the picture area; dots and pause in a line at its foot or below everything, and the
     * arrows with them where the area is lower than they are.
     *
     * @param height of everything that stands in the frame
     */
    public List<Placed> around(Length height) {
        Length under = height.plus(BELOW + HIT / 2);
        Length middle = Length.below(lineBelow, under, picture.minus(EDGE + HIT / 2));
        List<Placed> controls = new ArrayList<>();
        if (pause()) {
            controls.add(pause(Length.WIDTH.minus(HIT + EDGE), middle));
        }
        if (arrows()) {
            Length halfway = picture.minus(HIT).dividedBy(2);
            Length top = Length.below(arrowsBelow, under.minus(HIT / 2), halfway);
            Length aside = pause() ? Length.below(arrowsBelow, Length.px(HIT + EDGE), Length.ZERO) : Length.ZERO;
            controls.add(Placed.of(Part.PREVIOUS, Box.of(Length.px(EDGE), top, HIT, HIT)));
            controls.add(
                    Placed.of(Part.NEXT, Box.of(Length.WIDTH.minus(HIT + EDGE).minus(aside), top, HIT, HIT)));
        }
        if (dots()) {
            boolean line = marks() == MarkKind.LINE;
            Length width = line ? Length.WIDTH.minus(2 * besideDots()).dividedBy(stops) : Length.px(DOT);
            Length first = line ? Length.px(besideDots()) : Length.share(0.5).minus(DOT * stops / 2.0);
            for (int i = 0; i < stops; i++) {
                Box box = new Box(first.plus(width.times(i)), middle.minus(DOT / 2), width, Length.px(DOT));
                controls.add(Placed.of(Part.dot(i + 1), box));
            }
        }
        return controls;
    }

    public static Placed pause(Length left, Length middle) {
        return Placed.of(Part.PAUSE, Box.of(left, middle.minus(HIT / 2), HIT, HIT));
    }
}
