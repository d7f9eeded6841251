package com.keenreel.imaging;

import com.keenreel.core.align.Warp;
import com.keenreel.core.option.Colour;
import java.util.Arrays;

/**
 * What brings the exposure and the white balance of one picture to those of another of the same thing: how much of each colour
 * it gets, in linear light, and how much of that is wanted.
 *
 * @param red how many times as much, 0.2 to 5
 * @param green likewise
 * @param blue likewise
 * @param strength 0 for nothing to 1 for all of it
 */
public record Evening(double red, double green, double blue, double strength) {
    /** Colours as they are. */
    public static final Evening NONE = new Evening(1, 1, 1, 0);

    /** Places that are compared, across and down. */
    private static final int ACROSS = 48;

    private static final int DOWN = 32;

    /** Fewer say nothing. */
    private static final int ENOUGH = 40;

    /** What is darker is noise, what is lighter is cut off, in linear light from 0 to 1. */
    private static final double DARK = 0.008;

    private static final double LIGHT = 0.92;

    private static final double MOST = 5;

    public Evening {
        for (double one : new double[] {red, green, blue}) {
            if (!(one >= 1 / MOST && one <= MOST)) {
                throw new IllegalArgumentException("Two pictures of one thing are not that different in brightness.");
            }
        }
        if (!(strength >= 0 && strength <= 1)) {
            throw new IllegalArgumentException("Colours are evened out by 0 to 100 %.");
        }
    }

    /** The same with another strength. */
    public Evening by(double other) {
        return new Evening(red, green, blue, other);
    }

    /** How many times as much of a colour it gives: 0 red, 1 green, 2 blue. */
    public double gain(int channel) {
        double whole = channel == 0 ? red : channel == 1 ? green : blue;
        return Math.pow(whole, strength);
    }

    /**
     * What brings the other picture to the one: the median over places of how much more the one has. Where a part of what they
     * show was changed, most places still tell.
     *
     * @param warp where each point of the one is in the other
     * @return {@link #NONE} where there are too few places that tell
     */
    static Evening between(Pixels one, Pixels other, Warp warp) {
        double[][] more = new double[3][ACROSS * DOWN];
        int count = 0;
        double[] here = new double[3];
        double[] there = new double[3];
        for (int i = 0; i < ACROSS * DOWN; i++) {
            int row = i / ACROSS;
            double x = (i - row * ACROSS + 0.5) / ACROSS;
            double y = (row + 0.5) / DOWN;
            if (!around(one, x, y, here) || !around(other, warp.x(x, y), warp.y(x, y), there)) {
                continue;
            }
            for (int channel = 0; channel < 3; channel++) {
                more[channel][count] = Math.log(here[channel] / there[channel]);
            }
            count++;
        }
        if (count < ENOUGH) {
            return NONE;
        }
        return new Evening(median(more[0], count), median(more[1], count), median(more[2], count), 1);
    }

    private static double median(double[] logarithms, int count) {
        double[] sorted = Arrays.copyOf(logarithms, count);
        Arrays.sort(sorted);
        return Math.min(MOST, Math.max(1 / MOST, Math.exp(sorted[count / 2])));
    }

    /** The mean of what is around a point, in linear light; whether it tells anything. */
    private static boolean around(Pixels picture, double x, double y, double[] mean) {
        int reach = Math.max(1, picture.width() / (3 * ACROSS));
        int centreX = (int) (x * picture.width());
        int centreY = (int) (y * picture.height());
        boolean inside = centreX >= reach
                && centreY >= reach
                && centreX < picture.width() - reach
                && centreY < picture.height() - reach;
        if (!inside) {
            return false;
        }
        Arrays.fill(mean, 0);
        for (int down = -reach; down <= reach; down++) {
            for (int across = -reach; across <= reach; across++) {
                int pixel = picture.argb()[(centreY + down) * picture.width() + centreX + across];
                mean[0] += Colour.linear((pixel >> 16 & 255) / 255.0);
                mean[1] += Colour.linear((pixel >> 8 & 255) / 255.0);
                mean[2] += Colour.linear((pixel & 255) / 255.0);
            }
        }
        int count = (2 * reach + 1) * (2 * reach + 1);
        for (int channel = 0; channel < 3; channel++) {
            mean[channel] /= count;
            if (mean[channel] < DARK || mean[channel] > LIGHT) {
                return false;
            }
        }
        return true;
    }

    /** That picture, evened out. */
    Pixels of(Pixels picture) {
        if (strength == 0) {
            return picture;
        }
        int[][] becomes = new int[3][256];
        for (int channel = 0; channel < 3; channel++) {
            for (int value = 0; value < 256; value++) {
                double light = Math.min(1, Colour.linear(value / 255.0) * gain(channel));
                becomes[channel][value] = (int) Math.round(255 * coded(light));
            }
        }
        int[] argb = picture.argb().clone();
        for (int i = 0; i < argb.length; i++) {
            int pixel = argb[i];
            argb[i] = pixel & 0xFF000000
                    | becomes[0][pixel >> 16 & 255] << 16
                    | becomes[1][pixel >> 8 & 255] << 8
                    | becomes[2][pixel & 255];
        }
        return new Pixels(picture.width(), picture.height(), argb, picture.alpha());
    }

    /** The value of sRGB of linear light, the other way round of {@link Colour#linear}. */
    private static double coded(double light) {
        return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    }
}
