package com.keenreel.imaging;

import com.keenreel.core.align.Warp;
import com.keenreel.imaging.align.Cubic;

/**
 * Draws a picture into the frame of another one, by {@link Cubic} convolution of pixels weighted by their opacity. What the
 * picture does not show is as its edge.
 */
final class Warping {
    private Warping() {}

    /** How wide the picture is best, so that about one of its pixels comes to one of a frame so many px across. */
    static int needed(Warp warp, int width) {
        double step = 1e-3;
        double across = warp.x(0.5 + step, 0.5) - warp.x(0.5 - step, 0.5);
        return (int) Math.max(1, Math.min(60_000, Math.ceil(width * 2 * step / Math.max(1e-4, across))));
    }

    /**
     * The picture in the frame.
     *
     * @param warp where each point of the frame is in the picture
     */
    static Pixels into(Pixels picture, Warp warp, int width, int height) {
        int channels = picture.channels();
        float[] all = new float[picture.width() * picture.height() * channels];
        float[] line = new float[picture.width() * channels];
        for (int y = 0; y < picture.height(); y++) {
            picture.read(y, line);
            System.arraycopy(line, 0, all, y * line.length, line.length);
        }
        int[] argb = new int[width * height];
        float[] drawn = new float[width * channels];
        float[] across = new float[Cubic.TAPS];
        float[] down = new float[Cubic.TAPS];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                double fromX = (x + 0.5) / width;
                double fromY = (y + 0.5) / height;
                double atX = inside(warp.x(fromX, fromY), picture.width());
                double atY = inside(warp.y(fromX, fromY), picture.height());
                int left = (int) Math.floor(atX);
                int top = (int) Math.floor(atY);
                Cubic.weights((float) (atX - left), across);
                Cubic.weights((float) (atY - top), down);
                point(picture, all, left, top, across, down, drawn, x * channels);
            }
            Resampling.pack(drawn, argb, y * width, width, channels);
        }
        return new Pixels(width, height, argb, picture.alpha());
    }

    private static double inside(double share, int length) {
        return Math.max(0, Math.min(length - 1.0, share * length - 0.5));
    }

    private static void point(
            Pixels picture, float[] all, int left, int top, float[] across, float[] down, float[] drawn, int to) {
        int channels = picture.channels();
        for (int channel = 0; channel < channels; channel++) {
            float sum = 0;
            for (int j = 0; j < Cubic.TAPS; j++) {
                int row = Math.max(0, Math.min(picture.height() - 1, top + j - 1)) * picture.width();
                for (int i = 0; i < Cubic.TAPS; i++) {
                    int column = Math.max(0, Math.min(picture.width() - 1, left + i - 1));
                    sum += down[j] * across[i] * all[(row + column) * channels + channel];
                }
            }
            drawn[to + channel] = sum;
        }
    }
}
