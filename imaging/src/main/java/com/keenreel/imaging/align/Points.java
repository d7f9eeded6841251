package com.keenreel.imaging.align;

import java.util.ArrayList;
import java.util.List;

/**
 * Points of a picture that can be found again: where brightness changes both ways, the best one of each cell. Source: J. Shi and
 * C. Tomasi, "Good Features to Track", IEEE Conference on Computer Vision and Pattern Recognition (1994).
 */
final class Points {
    /** How far a point's surroundings reach in which changes are summed, px. */
    private static final int AROUND = 4;

    /** The least strength, in squared brightness a px: below it there is nothing but grain. */
    private static final double WEAK = 4;

    /** A pixel, from the upper left corner. */
    record Point(int x, int y) {}

    private Points() {}

    /**
     * Those of a picture.
     *
     * @param cell how wide and high a cell is, px
     * @param margin how far from the edges, px
     */
    static List<Point> of(Grey picture, int cell, int margin) {
        double[] strength = strength(picture);
        List<Point> points = new ArrayList<>();
        for (int top = margin; top < picture.height() - margin; top += cell) {
            for (int left = margin; left < picture.width() - margin; left += cell) {
                Point best = null;
                double most = WEAK;
                for (int y = top; y < Math.min(top + cell, picture.height() - margin); y++) {
                    for (int x = left; x < Math.min(left + cell, picture.width() - margin); x++) {
                        double own = strength[y * picture.width() + x];
                        if (own > most) {
                            most = own;
                            best = new Point(x, y);
                        }
                    }
                }
                if (best != null) {
                    points.add(best);
                }
            }
        }
        return points;
    }

    /** For each pixel, by how much brightness changes in the direction in which it changes least. */
    private static double[] strength(Grey picture) {
        int w = picture.width();
        int h = picture.height();
        double[] xx = new double[w * h];
        double[] xy = new double[w * h];
        double[] yy = new double[w * h];
        for (int y = 1; y < h - 1; y++) {
            for (int x = 1; x < w - 1; x++) {
                double across = (picture.at(x + 1, y) - picture.at(x - 1, y)) / 2;
                double down = (picture.at(x, y + 1) - picture.at(x, y - 1)) / 2;
                xx[y * w + x] = across * across;
                xy[y * w + x] = across * down;
                yy[y * w + x] = down * down;
            }
        }
        spread(xx, w, h);
        spread(xy, w, h);
        spread(yy, w, h);
        for (int i = 0; i < xx.length; i++) {
            double half = (xx[i] + yy[i]) / 2;
            xx[i] = half - Math.sqrt(Math.max(0, half * half - xx[i] * yy[i] + xy[i] * xy[i]));
        }
        return xx;
    }

    /** The mean of what is around each pixel, in its place. */
    private static void spread(double[] values, int w, int h) {
        double[] line = new double[Math.max(w, h)];
        for (int y = 0; y < h; y++) {
            spread(values, y * w, 1, w, line);
        }
        for (int x = 0; x < w; x++) {
            spread(values, x, w, h, line);
        }
    }

    private static void spread(double[] values, int from, int step, int count, double[] line) {
        double sum = 0;
        int side = 2 * AROUND + 1;
        for (int i = 0; i < count + AROUND; i++) {
            sum += i < count ? values[from + i * step] : 0;
            sum -= i >= side ? line[(i - side) % line.length] : 0;
            if (i < count) {
                line[i] = values[from + i * step];
            }
            if (i >= AROUND) {
                values[from + (i - AROUND) * step] = sum / side;
            }
        }
    }
}
