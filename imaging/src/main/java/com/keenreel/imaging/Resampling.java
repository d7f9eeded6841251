package com.keenreel.imaging;

/**
 * Makes a picture smaller with a separable Lanczos filter of three lobes, widened by the factor of reduction so that
 * every source pixel counts. Colours are weighted by their alpha, so that transparent pixels do not bleed.
 *
 * <p>Source: C. E. Duchon, "Lanczos Filtering in One and Two Dimensions", Journal of Applied Meteorology 18 (1979).
 */
final class Resampling {
    private static final int LOBES = 3;

    private Resampling() {}

    /** The picture at that size, no larger than it is. */
    static Pixels to(Pixels source, int width, int height) {
        if (width == source.width() && height == source.height()) {
            return source;
        }
        Kernel across = Kernel.of(source.width(), width);
        Kernel down = Kernel.of(source.height(), height);
        int channels = source.alpha() ? 4 : 3;
        float[] rows = new float[source.height() * width * channels];
        float[] line = new float[source.width() * channels];
        for (int y = 0; y < source.height(); y++) {
            unpack(source, y, line, channels);
            across.apply(line, 0, channels, rows, y * width * channels, channels, channels);
        }
        int[] argb = new int[width * height];
        float[] column = new float[height * channels];
        for (int x = 0; x < width; x++) {
            down.apply(rows, x * channels, width * channels, column, 0, channels, channels);
            for (int y = 0; y < height; y++) {
                argb[y * width + x] = pack(column, y * channels, channels);
            }
        }
        return new Pixels(width, height, argb, source.alpha());
    }

    private static void unpack(Pixels source, int y, float[] line, int channels) {
        int at = 0;
        for (int x = 0; x < source.width(); x++) {
            int pixel = source.argb()[y * source.width() + x];
            float weight = channels == 4 ? (pixel >>> 24) / 255f : 1f;
            line[at] = (pixel >> 16 & 0xFF) * weight;
            line[at + 1] = (pixel >> 8 & 0xFF) * weight;
            line[at + 2] = (pixel & 0xFF) * weight;
            if (channels == 4) {
                line[at + 3] = weight * 255f;
            }
            at += channels;
        }
    }

    private static int pack(float[] values, int at, int channels) {
        float weight = channels == 4 ? Math.min(255f, Math.max(0f, values[at + 3])) / 255f : 1f;
        if (weight == 0) {
            return 0;
        }
        return Math.round(weight * 255f) << 24
                | round(values[at] / weight) << 16
                | round(values[at + 1] / weight) << 8
                | round(values[at + 2] / weight);
    }

    private static int round(float value) {
        return Math.min(255, Math.max(0, Math.round(value)));
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

        void apply(float[] in, int inStart, int inStep, float[] out, int outStart, int outStep, int channels) {
            for (int i = 0; i < first.length; i++) {
                float[] own = weights[i];
                float a = 0;
                float b = 0;
                float c = 0;
                float d = 0;
                int at = inStart + first[i] * inStep;
                for (float weight : own) {
                    a += weight * in[at];
                    b += weight * in[at + 1];
                    c += weight * in[at + 2];
                    if (channels == 4) {
                        d += weight * in[at + 3];
                    }
                    at += inStep;
                }
                int to = outStart + i * outStep;
                out[to] = a;
                out[to + 1] = b;
                out[to + 2] = c;
                if (channels == 4) {
                    out[to + 3] = d;
                }
            }
        }
    }
}
