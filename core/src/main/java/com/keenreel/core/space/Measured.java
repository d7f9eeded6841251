package com.keenreel.core.space;

import com.keenreel.core.space.Stance.Point;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A box as it stands at one width, in CSS px from the host's top left corner.
 *
 * @param name what it is called
 * @param corners where its corners are seen, clockwise from the upper left one, if it stands in depth: the box is then the
 *     least one around them
 */
public record Measured(
        String name,
        double x,
        double y,
        double width,
        double height,
        @Nullable List<Point> corners) {
    /** One that lies flat. */
    public Measured(String name, double x, double y, double width, double height) {
        this(name, x, y, width, height, null);
    }

    /**
     * Every box of a tree that can be seen at the first moment.
     *
     * @param frame the tree
     * @param left of the tree, px
     * @param top of the tree, px
     * @param width of the reel, px
     * @param view height of the window, px
     */
    public static List<Measured> all(Placed frame, double left, double top, double width, double view) {
        List<Measured> seen = new ArrayList<>();
        new Measuring(width, view, seen).collect(frame, left, top, Rectangle.EVERYTHING, null, Rectangle.EVERYTHING);
        return seen;
    }

    private record Measuring(double width, double view, List<Measured> seen) {
        /** @param around the part in depth that it is a part of, and where that would lie flat; null for none */
        void collect(
                Placed placed, double fromX, double fromY, Rectangle clip, @Nullable InDepth around, Rectangle flat) {
            double x = fromX + placed.box().left().at(width, view);
            double y = fromY + placed.box().top().at(width, view);
            double wide = placed.box().width().at(width, view);
            double high = placed.box().height().at(width, view);
            Rectangle own = new Rectangle(x, y, x + wide, y + high);
            InDepth depth = placed.depth() == null ? around : placed.depth();
            Rectangle whole = placed.depth() == null ? flat : own;
            List<Point> corners = depth == null ? null : depth.corners(whole, own, width, view);
            Rectangle box = corners == null ? own : Rectangle.around(corners);
            Rectangle visible = clip.and(box);
            if (visible.isEmpty() || placed.room().at(width, view) < 0) {
                return;
            }
            String name = placed.part().box();
            if (name != null) {
                seen.add(
                        corners == null
                                ? new Measured(name, x, y, wide, high)
                                : new Measured(name, box.left(), box.top(), box.width(), box.height(), corners));
            }
            for (Placed child : placed.inside()) {
                collect(child, x, y, placed.clips() ? visible : clip, depth, whole);
            }
        }
    }
}
