package com.keenreel.imaging.align;

import com.keenreel.imaging.align.Points.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Squares of one picture, searched for in another near where a transform leads.
 *
 * @param found the best places of each that has any, best first
 * @param tested how many squares were searched for
 */
record Searched(List<List<Match>> found, int tested) {
    /** How far a square reaches from its middle, px. */
    private static final int SQUARE = 9;

    /**
     * Searches.
     *
     * @param cell how far points are apart, px
     * @param search how far from where the transform leads is searched, px
     * @param least the least likeness that counts
     * @param places how many places of a square count at most
     * @param outside whether squares are searched for whose surroundings are not all in the other picture
     */
    static Searched of(
            Grey one, Grey other, Plane plane, int cell, int search, double least, int places, boolean outside) {
        List<List<Match>> found = new ArrayList<>();
        int tested = 0;
        int half = SQUARE + search;
        int wide = 2 * half + 1;
        float[] part = new float[wide * wide];
        for (Point point : Points.of(one, cell, SQUARE)) {
            double x = point.x() + 0.5 - one.width() / 2.0;
            double y = point.y() + 0.5 - one.height() / 2.0;
            Likeness likeness = new Likeness(one, point.x(), point.y(), SQUARE);
            if (likeness.isPlain() || !part(other, plane, x - half, y - half, wide, part, outside)) {
                continue;
            }
            tested++;
            List<Match> own =
                    best(likeness.in(part, wide, wide), 2 * search + 1, x - search, y - search, plane, least, places);
            if (!own.isEmpty()) {
                found.add(own);
            }
        }
        return new Searched(found, tested);
    }

    /** The other picture as the one would show it, from that point on; false where some of it is not there. */
    private static boolean part(
            Grey other, Plane plane, double left, double top, int wide, float[] into, boolean outside) {
        double middleX = other.width() / 2.0 - 0.5;
        double middleY = other.height() / 2.0 - 0.5;
        for (int row = 0, at = 0; row < wide; row++) {
            for (int column = 0; column < wide; column++, at++) {
                double x = middleX + plane.x(left + column, top + row);
                double y = middleY + plane.y(left + column, top + row);
                if (!other.has(x, y)) {
                    if (!outside) {
                        return false;
                    }
                    x = Math.min(Math.max(x, 1), other.width() - 2.01);
                    y = Math.min(Math.max(y, 1), other.height() - 2.01);
                }
                into[at] = other.between(x, y);
            }
        }
        return true;
    }

    /** The highest places, each higher than all around it. */
    private static List<Match> best(
            float[] likeness, int wide, double left, double top, Plane plane, double least, int places) {
        List<Match> best = new ArrayList<>();
        for (int y = 1; y < wide - 1; y++) {
            for (int x = 1; x < wide - 1; x++) {
                int at = y * wide + x;
                float own = likeness[at];
                if (own < least
                        || best.size() == places && own <= best.get(places - 1).likeness()
                        || !peak(likeness, at, wide)) {
                    continue;
                }
                double foundX = left + x + between(likeness[at - 1], own, likeness[at + 1]);
                double foundY = top + y + between(likeness[at - wide], own, likeness[at + wide]);
                Match match = new Match(
                        left + (wide - 1) / 2.0,
                        top + (wide - 1) / 2.0,
                        plane.x(foundX, foundY),
                        plane.y(foundX, foundY),
                        own);
                if (best.size() == places) {
                    best.remove(places - 1);
                }
                int rank = 0;
                while (rank < best.size() && best.get(rank).likeness() >= own) {
                    rank++;
                }
                best.add(rank, match);
            }
        }
        return best;
    }

    private static boolean peak(float[] likeness, int at, int wide) {
        float own = likeness[at];
        for (int down = -wide; down <= wide; down += wide) {
            for (int across = -1; across <= 1; across++) {
                if (likeness[at + down + across] > own) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Where a parabola through three values has its top, from the middle one. */
    private static double between(double before, double own, double after) {
        double bend = before - 2 * own + after;
        return bend < -1e-9 ? Math.max(-0.5, Math.min(0.5, (before - after) / (2 * bend))) : 0;
    }
}
