package com.keenreel.imaging;

import java.awt.image.BufferedImage;
import java.util.stream.IntStream;

/** Resampling as the textbook writes it: one sum over both directions' weights, in double precision, nothing shared. */
final class Reference {
    private Reference() {}

    static int[] lanczos(BufferedImage image, int width, int height) {
        int w = image.getWidth();
        int h = image.getHeight();
        double[][] rows = new double[h][width * 3];
        IntStream.range(0, h).parallel().forEach(y -> {
            for (int x = 0; x < width; x++) {
                double centre = (x + 0.5) * w / width - 0.5;
                double scale = Math.max(1.0, (double) w / width);
                double sum = 0;
                for (int from = (int) Math.ceil(centre - 3 * scale); from <= centre + 3 * scale; from++) {
                    if (from >= 0 && from < w) {
                        double weight = weight((from - centre) / scale);
                        int pixel = image.getRGB(from, y);
                        sum += weight;
                        rows[y][x * 3] += weight * (pixel >> 16 & 0xFF);
                        rows[y][x * 3 + 1] += weight * (pixel >> 8 & 0xFF);
                        rows[y][x * 3 + 2] += weight * (pixel & 0xFF);
                    }
                }
                for (int i = 0; i < 3; i++) {
                    rows[y][x * 3 + i] /= sum;
                }
            }
        });
        int[] argb = new int[width * height];
        IntStream.range(0, height).parallel().forEach(y -> {
            double centre = (y + 0.5) * h / height - 0.5;
            double scale = Math.max(1.0, (double) h / height);
            for (int x = 0; x < width; x++) {
                double[] colour = new double[3];
                double sum = 0;
                for (int from = (int) Math.ceil(centre - 3 * scale); from <= centre + 3 * scale; from++) {
                    if (from >= 0 && from < h) {
                        double weight = weight((from - centre) / scale);
                        sum += weight;
                        for (int i = 0; i < 3; i++) {
                            colour[i] += weight * rows[from][x * 3 + i];
                        }
                    }
                }
                int pixel = 0xFF;
                for (int i = 0; i < 3; i++) {
                    pixel = pixel << 8 | (int) Math.max(0, Math.min(255, Math.round(colour[i] / sum)));
                }
                argb[y * width + x] = pixel;
            }
        });
        return argb;
    }

    private static double weight(double x) {
        return Math.abs(x) >= 3 ? 0 : sinc(x) * sinc(x / 3);
    }

    private static double sinc(double x) {
        return x == 0 ? 1 : Math.sin(Math.PI * x) / (Math.PI * x);
    }
}
