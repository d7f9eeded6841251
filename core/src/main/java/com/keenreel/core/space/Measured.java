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
 * @param shown the same of what is left of it, if a frame around it that stands in the same depth cuts it off: what is cut
 *     off may come many times as near as the reel
 */
public record Measured(
        String name,
        double x,
        double y,
        double width,
        double height,
        @Nullable List<Point> corners,
        @Nullable List<Point> shown) {
    /** One that lies flat. */
    public Measured(String name, double x, double y, double width, double height) {
        this(name, x, y, width, height, null, null);
    }

    /**
     * Every box of a tree that can be seen at a moment.
     *
     * @param frame the tree
     * @param left of the tree, px
     * @param top of the tree, px
     * @param width of the reel, px
     * @param moment when it is looked at
     * @param moved where the strip stands then, px to the right and down from its own place
     */
    public static List<Measured> all(Placed frame, double left, double top, double width, Moment moment, Point moved) {
        List<Measured> seen = new ArrayList<>();
        double height = frame.box().height().at(width, moment.view());
        Double scrolled = moment.scrolled();
        double gone = scrolled == null ? 0 : Scrolled.gone(top - scrolled, height, moment.view());
        new Measuring(width, moment, gone, moved, seen)
                .collect(frame, left, top, Rectangle.EVERYTHING, null, Rectangle.EVERYTHING, Rectangle.EVERYTHING);
        return seen;
    }

    /** @param gone how much of its way through the window the reel has gone, 0 to 1 */
    private record Measuring(double width, Moment moment, double gone, Point moved, List<Measured> seen) {
        /**
         * @param clip what is seen there, as it is seen
         * @param around the part in depth that it is a part of, if any
         * @param flat where that would lie flat
         * @param frame what can be seen of that, flat
         */
        void collect(
                Placed placed,
                double fromX,
                double fromY,
                Rectangle clip,
                @Nullable InDepth around,
                Rectangle flat,
                Rectangle frame) {
            double view = moment.view();
            double x = fromX + placed.box().left().at(width, view) + right(placed);
            double y = fromY + placed.box().top().at(width, view);
            y += down(placed, y);
            double wide = placed.box().width().at(width, view);
            double high = placed.box().height().at(width, view);
            Rectangle own = new Rectangle(x, y, x + wide, y + high);
            InDepth depth = placed.depth() == null ? around : placed.depth();
            Rectangle whole = placed.depth() == null ? flat : own;
            List<Point> corners = depth == null ? null : depth.corners(whole, own, width, view);
            Rectangle box = corners == null ? own : Rectangle.around(corners);
            Rectangle visible = clip.and(box);
            if (own.isEmpty() || visible.isEmpty() || placed.room().at(width, view) < 0) {
                return;
            }
            Rectangle left = (placed.depth() == null ? frame : Rectangle.EVERYTHING).and(own);
            String name = placed.part().box();
            if (name != null) {
                seen.add(
                        depth == null || corners == null
                                ? new Measured(name, x, y, wide, high)
                                : new Measured(
                                        name,
                                        box.left(),
                                        box.top(),
                                        box.width(),
                                        box.height(),
                                        corners,
                                        left.equals(own) ? null : depth.corners(whole, left, width, view)));
            }
            Rectangle of = placed.clips() && depth != null ? left : frame;
            for (Placed child : placed.inside()) {
                collect(child, x, y, placed.clips() ? visible : clip, depth, whole, of);
            }
        }

        private double right(Placed placed) {
            double shifted =
                    placed.scrolled() instanceof Scrolled.Shifts shifts ? shifts.right(gone, width, moment.view()) : 0;
            return shifted + (placed.part().equals(Part.STRIP) ? moved.x() : 0);
        }

        /** @param y where its own place is, px from the host's upper edge */
        private double down(Placed placed, double y) {
            Double scrolled = moment.scrolled();
            double stayed = scrolled != null && placed.scrolled() instanceof Scrolled.Stays stays
                    ? stays.down(scrolled - y, width, moment.view())
                    : 0;
            return stayed + (placed.part().equals(Part.STRIP) ? moved.y() : 0);
        }
    }
}
