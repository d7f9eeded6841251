package com.keenreel.imaging.align;

/**
 * How bright a picture is.
 *
 * @param values row by row, 0 to 255
 */
public record Grey(int width, int height, float[] values) {
    /** The value at a pixel of it. */
    float at(int x, int y) {
        return values[y * width + x];
    }

    /** Whether a point has a pixel on each side of it. */
    boolean has(double x, double y) {
        return x >= 1 && y >= 1 && x < width - 2 && y < height - 2;
    }

    /** The value between pixels, by {@link Cubic} convolution, for which the point must have pixels around it. */
    float between(double x, double y) {
        int left = (int) x;
        int top = (int) y;
        float[] across = new float[Cubic.TAPS];
        float[] down = new float[Cubic.TAPS];
        Cubic.weights((float) (x - left), across);
        Cubic.weights((float) (y - top), down);
        float sum = 0;
        int row = (top - 1) * width + left - 1;
        for (float weight : down) {
            sum += weight
                    * (across[0] * values[row]
                            + across[1] * values[row + 1]
                            + across[2] * values[row + 2]
                            + across[3] * values[row + 3]);
            row += width;
        }
        return sum;
    }

    /** Half as wide and high: each value the mean of four. */
    Grey halved() {
        int w = width / 2;
        int h = height / 2;
        float[] half = new float[w * h];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int at = 2 * y * width + 2 * x;
                half[y * w + x] = (values[at] + values[at + 1] + values[at + width] + values[at + width + 1]) / 4;
            }
        }
        return new Grey(w, h, half);
    }
}
