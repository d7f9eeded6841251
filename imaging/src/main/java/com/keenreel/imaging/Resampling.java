package com.keenreel.imaging;

import java.util.Arrays;

/**
 * Makes a picture smaller with a separable Lanczos filter of three lobes, widened by the factor of reduction so that
 * every source pixel counts. Colours are weighted by their opacity, so that transparent pixels do not bleed. Only as many
 * source lines are kept as the filter reaches down; they are summed up first, which processors do many numbers at a time.
 *
 * <p>Source: C. E. Duchon, "Lanczos Filtering in One and Two Dimensions", Journal of Applied Meteorology 18 (1979).
 */
final class Resampling {
    private static final int LOBES = 3;

    private Resampling() {}

    /** The picture at that size, no larger than it is. */
    static Pixels to(Lines source, int width, int height) {
        if (source instanceof Pixels same && same.width() == width && same.height() == height) {
            return same;
        }
        if (source.width() == width && source.height() == height) {
            return copy(source);
        }
        int channels = source.channels();
        Kernel across = Kernel.of(source.width(), width);
        Kernel down = Kernel.of(source.height(), height);
        float[][] kept = new float[down.reach()][source.width() * channels];
        float[] sum = new float[source.width() * channels];
        float[] line = new float[width * channels];
        int[] argb = new int[width * height];
        int next = 0;
        for (int y = 0; y < height; y++) {
            float[] weights = down.weights[y];
            int first = down.first[y];
            for (next = Math.max(next, first); next < first + weights.length; next++) {
                source.read(next, kept[next % kept.length]);
            }
            Arrays.fill(sum, 0);
            for (int i = 0; i < weights.length; i++) {
                add(kept[(first + i) % kept.length], weights[i], sum);
            }
            across.apply(sum, line, channels);
            pack(line, argb, y * width, width, channels);
        }
        return new Pixels(width, height, argb, source.alpha());
    }

    private static Pixels copy(Lines source) {
        int[] argb = new int[source.width() * source.height()];
        float[] line = new float[source.width() * source.channels()];
        for (int y = 0; y < source.height(); y++) {
            source.read(y, line);
            pack(line, argb, y * source.width(), source.width(), source.channels());
        }
        return new Pixels(source.width(), source.height(), argb, source.alpha());
    }

    private static void add(float[] line, float weight, float[] sum) {
        for (int i = 0; i < sum.length; i++) {
            sum[i] += weight * line[i];
        }
    }

    static void pack(float[] values, int[] argb, int start, int count, int channels) {
        if (channels == 3) {
            for (int x = 0, at = 0; x < count; x++, at += 3) {
                argb[start + x] =
                        0xFF000000 | round(values[at]) << 16 | round(values[at + 1]) << 8 | round(values[at + 2]);
            }
            return;
        }
        for (int x = 0, at = 0; x < count; x++, at += 4) {
            int opacity = round(values[at + 3]);
            float weight = opacity == 0 ? 0 : 255f / values[at + 3];
            argb[start + x] = opacity << 24
                    | round(values[at] * weight) << 16
                    | round(values[at + 1] * weight) << 8
                    | round(values[at + 2] * weight);
        }
    }

    private static int round(float value) {
        return value <= 0 ? 0 : value >= 255 ? 255 : (int) (value + 0.5f);
    }

    /** For each target pixel: the first source pixel it takes from, and the weights, which sum to 1. */
    private record Kernel(int[] first, float[][] weights) {
        static Kernel of(int source, int target) {
            double scale = Math.max(1.0, (double) source / target);
            double reach = LOBES * scale;
            int[] first = new int[target];
            float[][] weights = new float[target][];
            for (int i = 0; i < target; i++) {
                double centre = (i + 0.5) * source / target - 0.5;
                int from = Math.max(0, (int) Math.ceil(centre - reach));
                int to = Math.min(source - 1, (int) Math.floor(centre + reach));
                first[i] = from;
                weights[i] = new float[to - from + 1];
                double sum = 0;
                for (int j = from; j <= to; j++) {
                    double weight = lanczos((j - centre) / scale);
                    weights[i][j - from] = (float) weight;
                    sum += weight;
                }
                for (int j = 0; j < weights[i].length; j++) {
                    weights[i][j] /= (float) sum;
                }
            }
            return new Kernel(first, weights);
        }

        private static double lanczos(double x) {
            if (x == 0) {
                return 1;
            }
            if (Math.abs(x) >= LOBES) {
                return 0;
            }
            double p = Math.PI * x;
            return LOBES * Math.sin(p) * Math.sin(p / LOBES) / (p * p);
        }

        /** How many source pixels a target pixel takes from at most. */
        int reach() {
            int most = 1;
            for (float[] own : weights) {
                most = Math.max(most, own.length);
            }
            return most;
        }

        void apply(float[] in, float[] out, int channels) {
            if (channels == 3) {
                three(in, out);
            } else {
                four(in, out);
            }
        }

        private void three(float[] in, float[] out) {
            for (int i = 0; i < first.length; i++) {
                float[] own = weights[i];
                float a = 0;
                float b = 0;
                float c = 0;
                int at = 3 * first[i];
                for (float weight : own) {
                    a += weight * in[at];
                    b += weight * in[at + 1];
                    c += weight * in[at + 2];
                    at += 3;
                }
                out[3 * i] = a;
                out[3 * i + 1] = b;
                out[3 * i + 2] = c;
            }
        }

        private void four(float[] in, float[] out) {
            for (int i = 0; i < first.length; i++) {
                float[] own = weights[i];
                float a = 0;
                float b = 0;
                float c = 0;
                float d = 0;
                int at = 4 * first[i];
                for (float weight : own) {
                    a += weight * in[at];
                    b += weight * in[at + 1];
                    c += weight * in[at + 2];
                    d += weight * in[at + 3];
                    at += 4;
                }
                out[4 * i] = a;
                out[4 * i + 1] = b;
                out[4 * i + 2] = c;
                out[4 * i + 3] = d;
            }
        }
    }
}
