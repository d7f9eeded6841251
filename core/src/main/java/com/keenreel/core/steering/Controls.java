package com.keenreel.core.steering;

import com.keenreel.core.option.ArrowsPlace;
import com.keenreel.core.option.Edge;
import com.keenreel.core.option.MarkKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Clear;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Target;
import java.util.ArrayList;
import java.util.List;

/**
 * Where what visitors steer with stands. Arrows stand halfway down the picture area, at its sides, or in the line; dots and
 * pause stand in the line at its foot or below everything, and the arrows with them where the area is lower than they are.
 */
public final class Controls {
    /** Between a strip of slides and the controls below it, px. */
    public static final double BELOW = 4;

    /** Between two arrows that stand together, px. */
    private static final double TOGETHER = 4;

    /** Width of a figure of a count, px. */
    private static final double FIGURE = 9;

    /** What a count needs beside its figures, px. */
    private static final double BESIDE_FIGURES = 34;

    /** No reel is laid out wider, px. */
    private static final double WIDEST = 4000;

    private final Around around;
    private final Length picture;
    private final boolean onPicture;
    private final ArrowsPlace place;
    private final double arrow;
    private final double arrowsBelow;
    private final double high;
    private final double lineBelow;

    Controls(Around around, Length picture, boolean onPicture) {
        this.around = around;
        this.picture = picture;
        this.onPicture = onPicture;
        this.place = around.place();
        this.arrow = around.arrow();
        this.arrowsBelow = !around.arrows() ? 0 : inLine() ? Double.POSITIVE_INFINITY : limit(arrow);
        this.high = arrowsBelow > 0 ? arrow : Target.HIT;
        this.lineBelow = !line()
                ? arrowsBelow
                : onPicture && !(around.arrows() && place == ArrowsPlace.BELOW)
                        ? Math.max(inLine() ? 0 : arrowsBelow, limit(needed()))
                        : Double.POSITIVE_INFINITY;
    }

    /** Whether arrows stand in the line at all widths. */
    private boolean inLine() {
        return around.arrows() && (place == ArrowsPlace.CORNER || place == ArrowsPlace.BELOW);
    }

    /** The least whole width of the stretch from which the picture area is that high; 0 for all of it, infinite for none. */
    private double limit(double height) {
        double from = around.span.narrowest();
        double to = Math.min(WIDEST, around.span.below());
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
        boolean inside = around.arrows() && place == ArrowsPlace.SIDES;
        double marks = marks() == MarkKind.LINE ? WIDEST : marksWidth();
        boolean meet = pause()
                || !buttons().isEmpty()
                || marks > around.narrowest() - 2 * (arrow + 2 * Target.EDGE); // marks reach below arrows
        return inside && meet ? 2 * (Target.HIT + Target.EDGE) + arrow : high + 2 * Target.EDGE;
    }

    /** The buttons at the beginning of the line. */
    private List<Part> buttons() {
        List<Part> buttons = new ArrayList<>();
        if (around.chosen(SteeringOptions.SCREEN)) {
            buttons.add(Part.SCREEN);
        }
        if (around.chosen(SteeringOptions.FITS)) {
            buttons.add(Part.FITS);
        }
        return buttons;
    }

    /** How much of the line they take, px. */
    private double buttonsWidth() {
        return buttons().size() * (Target.HIT + Target.EDGE);
    }

    private boolean pause() {
        return around.plays || around.reel.choices().get(MotionOptions.AUTOPLAY) && around.stops > 1;
    }

    /** True when marks of stops are wanted and there is room for them, beside what else is in the line, at the narrowest width. */
    private boolean dots() {
        return around.stops > 1
                && around.reel.choices().get(SteeringOptions.DOTS, around.span.setUp())
                && marksWidth() <= around.narrowest() - 2 * besideMarks();
    }

    private MarkKind marks() {
        return around.reel.choices().get(SteeringOptions.MARKS, around.span.setUp());
    }

    /** What marks need at the least, px. */
    private double marksWidth() {
        return marks() == MarkKind.COUNT
                ? BESIDE_FIGURES + 2 * FIGURE * String.valueOf(around.stops).length()
                : around.stops * Target.LEAST;
    }

    /** What else stands in the line, on each side of the middle, px. */
    private double besideMarks() {
        double arrows = arrowsBelow == 0
                ? 0
                : place == ArrowsPlace.CORNER ? 2 * arrow + TOGETHER + Target.EDGE : arrow + Target.EDGE;
        double corner = place == ArrowsPlace.CORNER ? 0 : arrows;
        double end = (pause() ? Target.HIT + Target.EDGE : 0) + arrows;
        return Math.max(buttonsWidth() + corner, end) + Target.EDGE;
    }

    /** True when marks, buttons or arrows stand in a line. */
    private boolean line() {
        return dots() || pause() || !buttons().isEmpty() || inLine();
    }

    /** How much room is taken below everything: where there is none on the picture, controls stand there. */
    private Length below() {
        return Length.below(lineBelow, Length.px(BELOW + high), Length.ZERO);
    }

    /** What words on the picture keep clear of. */
    public Clear clear() {
        double line = onPicture && line() ? high + 2 * Target.EDGE : 0;
        Length foot = Length.px(line).minus(Length.below(lineBelow, Length.px(line), Length.ZERO));
        boolean beside = around.arrows() && place == ArrowsPlace.SIDES;
        return new Clear(beside ? arrow + 2 * Target.EDGE : 0, foot);
    }

    /**
     * The frame around that view, with all controls.
     *
     * @param view what all slides are in, at the left and upper edge
     */
    public Placed frame(Placed view) {
        Length left = Length.px(around.left());
        Length top = Length.px(around.band(Edge.ABOVE));
        Length height = view.box().height();
        List<Placed> inside = new ArrayList<>();
        inside.add(around.width().equals(Length.WIDTH) && top.equals(Length.ZERO) ? view : view.movedBy(left, top));
        Length foot = top.plus(height).plus(around.band(Edge.BELOW));
        Length under = foot.plus(BELOW + high / 2);
        Length middle = Length.below(lineBelow, under, top.plus(picture).minus(Target.EDGE + high / 2));
        Length right = Length.WIDTH.minus(around.right());
        if (pause()) {
            inside.add(pause(right.minus(Target.HIT + Target.EDGE), middle));
        }
        Length from = left.plus(Target.EDGE);
        for (Part button : buttons()) {
            inside.add(Placed.of(button, Box.of(from, middle.minus(Target.HIT / 2), Target.HIT, Target.HIT)));
            from = from.plus(Target.HIT + Target.EDGE);
        }
        if (around.arrows()) {
            arrows(right, top, middle, inside);
        }
        if (dots()) {
            marks(middle, inside);
        }
        if (around.thumbs != null) {
            inside.add(thumbs(around.thumbs, view.box()));
        }
        return Placed.of(Part.FRAME, Box.all(Length.WIDTH, foot.plus(below())), inside);
    }

    /** Thumbnails beside the slides are as long as these are high. */
    private static Placed thumbs(Thumbs thumbs, Box view) {
        return switch (thumbs.edge()) {
            case ABOVE -> thumbs.band(Length.ZERO, Length.ZERO, Length.WIDTH);
            case BELOW -> thumbs.band(Length.ZERO, view.height().plus(Thumbs.APART), Length.WIDTH);
            case START -> thumbs.band(Length.ZERO, Length.ZERO, view.height());
            case END -> thumbs.band(Length.WIDTH.minus(thumbs.width()), Length.ZERO, view.height());
        };
    }

    private void arrows(Length right, Length above, Length middle, List<Placed> inside) {
        double aside = pause() ? Target.HIT + Target.EDGE : 0;
        Length next = right.minus(arrow + Target.EDGE + aside);
        Length previous = place == ArrowsPlace.CORNER
                ? next.minus(arrow + TOGETHER)
                : Length.px(around.left() + Target.EDGE + buttonsWidth());
        Length top = middle.minus(arrow / 2);
        if (!inLine()) {
            boolean outside = place == ArrowsPlace.OUTSIDE;
            double first = outside ? around.band(Edge.START) : around.left() + Target.EDGE;
            double last = outside ? around.band(Edge.END) : around.right() + Target.EDGE;
            double moved = around.right() + Target.EDGE + aside - last; // from a side to the line's end
            next = Length.WIDTH.minus(arrow + last).minus(Length.below(arrowsBelow, Length.px(moved), Length.ZERO));
            previous = Length.below(arrowsBelow, previous, Length.px(first));
            Length halfway = above.plus(picture.minus(arrow).dividedBy(2));
            top = Length.below(arrowsBelow, top, halfway);
        }
        inside.add(Placed.of(Part.PREVIOUS, Box.of(previous, top, arrow, arrow)));
        inside.add(Placed.of(Part.NEXT, Box.of(next, top, arrow, arrow)));
    }

    private void marks(Length middle, List<Placed> inside) {
        Length top = middle.minus(Target.LEAST / 2);
        Length centre = Length.share(0.5).plus((around.left() - around.right()) / 2);
        Length first = centre.minus(marksWidth() / 2);
        if (marks() == MarkKind.COUNT) {
            inside.add(Placed.of(Part.COUNT, Box.of(first, top, marksWidth(), Target.LEAST)));
            return;
        }
        Length width = Length.px(Target.LEAST);
        if (marks() == MarkKind.LINE) {
            width = around.width().minus(2 * besideMarks()).dividedBy(around.stops);
            first = Length.px(around.left() + besideMarks());
        }
        for (int i = 0; i < around.stops; i++) {
            Box box = new Box(first.plus(width.times(i)), top, width, Length.px(Target.LEAST));
            inside.add(Placed.of(Part.dot(i + 1), box));
        }
    }

    /** The pause button. */
    public static Placed pause(Length left, Length middle) {
        return Placed.of(Part.PAUSE, Box.of(left, middle.minus(Target.HIT / 2), Target.HIT, Target.HIT));
    }
}
