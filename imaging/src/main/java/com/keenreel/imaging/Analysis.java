package com.keenreel.imaging;

import com.keenreel.core.option.Colour;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Mosaic;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureTraits.Inked;
import java.util.ArrayList;
import java.util.List;

/** What is seen in a picture, calculated on a copy 256 px wide. */
final class Analysis {
    /** Pixels across of the copy that is looked at. */
    static final int WIDTH = 256;

    private static final int PALETTE = 5;
    private static final int APART = 48;
    private static final int RARE = 200;
    private static final int INK = 24;
    private static final int FAINT = 20;

    private final Pixels pixels;

    private Analysis(Pixels pixels) {
        this.pixels = pixels;
    }

    /**
     * The traits of a picture.
     *
     * @param copy at most {@link #WIDTH} px wide, upright, in sRGB
     */
    static PictureTraits of(Pixels copy) {
        Analysis analysis = new Analysis(copy);
        double[] mean = analysis.mean(0, 0, copy.width(), copy.height());
        boolean alpha = analysis.transparent();
        Inked inked = analysis.inked();
        return new PictureTraits(
                alpha,
                colour(mean),
                analysis.palette(),
                analysis.luminance(),
                inked,
                alpha ? middle(inked) : analysis.focal(mean),
                analysis.corners(),
                alpha ? Mosaic.UNKNOWN : Cells.of(copy));
    }

    /** Of a mark or a cut-out, what is drawn is what is looked at. */
    private static FocalPoint middle(Inked inked) {
        return new FocalPoint(
                hundredths((inked.left() + inked.right()) / 2), hundredths((inked.top() + inked.bottom()) / 2));
    }

    static Colour colour(int red, int green, int blue) {
        return new Colour(String.format("#%02x%02x%02x", red, green, blue));
    }

    private static Colour colour(double[] mean) {
        return colour((int) Math.round(mean[0]), (int) Math.round(mean[1]), (int) Math.round(mean[2]));
    }

    static int red(int pixel) {
        return pixel >> 16 & 0xFF;
    }

    static int green(int pixel) {
        return pixel >> 8 & 0xFF;
    }

    static int blue(int pixel) {
        return pixel & 0xFF;
    }

    private boolean transparent() {
        if (pixels.alpha()) {
            for (int pixel : pixels.argb()) {
                if (pixel >>> 24 < 255) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The colours of its quarters. */
    private List<Colour> corners() {
        int across = (pixels.width() + 1) / 2; // one that is a pixel wide has it in both
        int down = (pixels.height() + 1) / 2;
        List<Colour> corners = new ArrayList<>();
        for (int top : new int[] {0, pixels.height() - down}) {
            for (int left : new int[] {0, pixels.width() - across}) {
                corners.add(colour(mean(left, top, left + across, top + down)));
            }
        }
        return corners;
    }

    /** Red, green, blue on average in a part of it, weighted by opacity. */
    private double[] mean(int left, int top, int right, int bottom) {
        double[] sum = new double[4];
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                int pixel = pixels.argb()[y * pixels.width() + x];
                double weight = pixel >>> 24;
                sum[0] += weight * red(pixel);
                sum[1] += weight * green(pixel);
                sum[2] += weight * blue(pixel);
                sum[3] += weight;
            }
        }
        double all = Math.max(1, sum[3]);
        return new double[] {sum[0] / all, sum[1] / all, sum[2] / all};
    }

    private double luminance() {
        double sum = 0;
        double all = 0;
        for (int pixel : pixels.argb()) {
            double weight = pixel >>> 24;
            sum += weight
                    * (0.2126 * linear(red(pixel)) + 0.7152 * linear(green(pixel)) + 0.0722 * linear(blue(pixel)));
            all += weight;
        }
        return all == 0 ? 0 : Math.min(1, sum / all);
    }

    private static double linear(int channel) {
        double value = channel / 255.0;
        return Colour.linear(value);
    }

    /** The commonest colours that are not near to one another, from a count in steps of 16. */
    private List<Colour> palette() {
        int[] count = new int[4096];
        long[][] sums = new long[4096][3];
        for (int pixel : pixels.argb()) {
            if (pixel >>> 24 > 127) {
                int cell = red(pixel) >> 4 << 8 | green(pixel) >> 4 << 4 | blue(pixel) >> 4;
                count[cell]++;
                sums[cell][0] += red(pixel);
                sums[cell][1] += green(pixel);
                sums[cell][2] += blue(pixel);
            }
        }
        List<int[]> chosen = new ArrayList<>();
        boolean[] gone = new boolean[4096];
        while (chosen.size() < PALETTE) {
            int best = -1;
            for (int cell = 0; cell < 4096; cell++) {
                if (!gone[cell] && count[cell] > 0 && (best < 0 || count[cell] > count[best])) {
                    best = cell;
                }
            }
            if (best < 0) {
                break;
            }
            gone[best] = true;
            if (!chosen.isEmpty() && count[best] < pixels.argb().length / RARE) {
                break; // edges and grain
            }
            int[] rgb = new int[3];
            for (int i = 0; i < 3; i++) {
                rgb[i] = (int) Math.round((double) sums[best][i] / count[best]);
            }
            if (chosen.stream().allMatch(other -> apart(other, rgb) >= APART)) {
                chosen.add(rgb);
            }
        }
        if (chosen.isEmpty()) {
            return List.of(colour(0, 0, 0)); // nothing of it can be seen
        }
        return chosen.stream().map(rgb -> colour(rgb[0], rgb[1], rgb[2])).toList();
    }

    private static int apart(int[] one, int[] other) {
        return Math.max(
                Math.abs(one[0] - other[0]), Math.max(Math.abs(one[1] - other[1]), Math.abs(one[2] - other[2])));
    }

    /** The box inside transparent or plain margins, and how much of it differs from them. */
    private Inked inked() {
        int w = pixels.width();
        int h = pixels.height();
        int corner = pixels.argb()[0];
        boolean clear = transparent();
        if (!clear && !plainMargins(corner)) {
            return Inked.ALL;
        }
        int left = w;
        int top = h;
        int right = -1;
        int bottom = -1;
        double ink = 0;
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int pixel = pixels.argb()[y * w + x];
                boolean drawn = clear ? pixel >>> 24 > FAINT : differs(pixel, corner);
                if (drawn) {
                    left = Math.min(left, x);
                    top = Math.min(top, y);
                    right = Math.max(right, x);
                    bottom = Math.max(bottom, y);
                    ink += clear ? (pixel >>> 24) / 255.0 : 1;
                }
            }
        }
        if (right < 0) {
            return Inked.ALL; // nothing but margin
        }
        double box = (double) (right + 1 - left) * (bottom + 1 - top);
        return new Inked(
                (double) left / w, (double) top / h, (right + 1.0) / w, (bottom + 1.0) / h, Math.min(1, ink / box));
    }

    private static boolean differs(int pixel, int from) {
        return Math.abs(red(pixel) - red(from)) > INK
                || Math.abs(green(pixel) - green(from)) > INK
                || Math.abs(blue(pixel) - blue(from)) > INK;
    }

    /** Whether the whole edge has the colour of the corner. */
    private boolean plainMargins(int corner) {
        int w = pixels.width();
        int h = pixels.height();
        for (int x = 0; x < w; x++) {
            if (differs(pixels.argb()[x], corner) || differs(pixels.argb()[(h - 1) * w + x], corner)) {
                return false;
            }
        }
        for (int y = 0; y < h; y++) {
            if (differs(pixels.argb()[y * w], corner) || differs(pixels.argb()[y * w + w - 1], corner)) {
                return false;
            }
        }
        return true;
    }

    /**
     * Where edges and uncommon colours gather: the picture in cells of 8 px, each weighted by how much it changes inside,
     * how far its colour is from the mean, and how near the middle it is; then the centre of the weightiest neighbourhood.
     */
    private FocalPoint focal(double[] mean) {
        int cell = 8;
        int columns = Math.max(1, pixels.width() / cell);
        int rows = Math.max(1, pixels.height() / cell);
        double[] weight = new double[columns * rows];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double across = (column + 0.5) / columns - 0.5;
                double down = (row + 0.5) / rows - 0.5;
                double middle = Math.exp(-3 * (across * across + down * down));
                weight[row * columns + column] = middle * interest(column * cell, row * cell, cell, mean);
            }
        }
        double[] smooth = smoothed(smoothed(weight, columns, rows), columns, rows);
        double most = 0;
        for (double value : smooth) {
            most = Math.max(most, value);
        }
        double x = 0;
        double y = 0;
        double all = 0;
        for (int i = 0; i < smooth.length; i++) {
            double own = most == 0 ? 1 : Math.pow(smooth[i] / most, 6);
            x += own * (i % columns + 0.5) / columns;
            int row = i / columns;
            y += own * (row + 0.5) / rows;
            all += own;
        }
        return new FocalPoint(hundredths(x / all), hundredths(y / all));
    }

    private static double hundredths(double value) {
        return Math.round(value * 100) / 100.0;
    }

    private double interest(int left, int top, int cell, double[] mean) {
        int right = Math.min(left + cell, pixels.width() - 1);
        int bottom = Math.min(top + cell, pixels.height() - 1);
        double change = 0;
        double colour = 0;
        int count = 0;
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                int own = pixels.argb()[y * pixels.width() + x];
                if (own >>> 24 < 128) {
                    continue;
                }
                int beside = pixels.argb()[y * pixels.width() + x + 1];
                int below = pixels.argb()[(y + 1) * pixels.width() + x];
                change += Math.abs(green(own) - green(beside)) + Math.abs(green(own) - green(below));
                colour += Math.abs(red(own) - mean[0]) + Math.abs(green(own) - mean[1]) + Math.abs(blue(own) - mean[2]);
                count++;
            }
        }
        return count == 0 ? 0 : change / count + colour / (4.0 * count);
    }

    /** Each cell the mean of itself and its neighbours, two away. */
    private static double[] smoothed(double[] from, int columns, int rows) {
        double[] to = new double[from.length];
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                double sum = 0;
                int count = 0;
                for (int y = Math.max(0, row - 2); y <= Math.min(rows - 1, row + 2); y++) {
                    for (int x = Math.max(0, column - 2); x <= Math.min(columns - 1, column + 2); x++) {
                        sum += from[y * columns + x];
                        count++;
                    }
                }
                to[row * columns + column] = sum / count;
            }
        }
        return to;
    }
}
