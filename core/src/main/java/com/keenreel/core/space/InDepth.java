package com.keenreel.core.space;

import java.util.List;
import java.util.stream.Stream;

/**
 * A part that does not lie flat: it stands in depth, and is seen from {@link Stance#EYE}.
 *
 * @param stance how it stands
 * @param unit the width of one slide
 * @param axis the height, from the part's upper edge, on which the eye is, and about which everything is scaled
 */
public record InDepth(Stance stance, Length unit, Length axis) {
    InDepth mirrored() {
        return new InDepth(stance.mirrored(), unit, axis);
    }

    /**
     * The four corners of a rectangle as they are seen, clockwise from the upper left one, px.
     *
     * @param part the part that stands in depth, in px
     * @param inside a rectangle of it, flat, in px from the same corner
     * @param width of the reel, px
     * @param view height of the window, px
     */
    List<Stance.Point> corners(Rectangle part, Rectangle inside, double width, double view) {
        double one = unit.at(width, view);
        double middle = part.left() + (part.right() - part.left()) / 2;
        double eye = part.top() + axis.at(width, view);
        return Stream.of(
                        new double[] {inside.left(), inside.top()},
                        new double[] {inside.right(), inside.top()},
                        new double[] {inside.right(), inside.bottom()},
                        new double[] {inside.left(), inside.bottom()})
                .map(corner -> stance.seen((corner[0] - middle) / one, (corner[1] - eye) / one))
                .map(seen -> new Stance.Point(middle + seen.x() * one, eye + seen.y() * one))
                .toList();
    }
}
