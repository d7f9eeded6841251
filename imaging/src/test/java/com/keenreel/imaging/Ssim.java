package com.keenreel.imaging;

/**
 * How alike two pictures look, 1 for equal ones. Source: Z. Wang et al., "Image Quality Assessment: From Error Visibility
 * to Structural Similarity", IEEE Transactions on Image Processing 13 (2004); on luma, in windows of 8 x 8 px, every 4 px.
 */
public final class Ssim {
    private static final double C1 = Math.pow(0.01 * 255, 2);
    private static final double C2 = Math.pow(0.03 * 255, 2);
    private static final int WINDOW = 8;

    private Ssim() {}

    /** Of two pictures of that size, packed. */
    public static double of(int[] one, int[] other, int width, int height) {
        double sum = 0;
        int count = 0;
        for (int top = 0; top + WINDOW <= height; top += 4) {
            for (int left = 0; left + WINDOW <= width; left += 4) {
                sum += window(one, other, width, left, top);
                count++;
            }
        }
        return sum / count;
    }

    private static double window(int[] one, int[] other, int width, int left, int top) {
        double a = 0;
        double b = 0;
        double aa = 0;
        double bb = 0;
        double ab = 0;
        for (int y = top; y < top + WINDOW; y++) {
            for (int x = left; x < left + WINDOW; x++) {
                double p = luma(one[y * width + x]);
                double q = luma(other[y * width + x]);
                a += p;
                b += q;
                aa += p * p;
                bb += q * q;
                ab += p * q;
            }
        }
        double n = WINDOW * WINDOW;
        double meanA = a / n;
        double meanB = b / n;
        double varianceA = aa / n - meanA * meanA;
        double varianceB = bb / n - meanB * meanB;
        double both = ab / n - meanA * meanB;
        return (2 * meanA * meanB + C1)
                * (2 * both + C2)
                / ((meanA * meanA + meanB * meanB + C1) * (varianceA + varianceB + C2));
    }

    private static double luma(int pixel) {
        return 0.299 * (pixel >> 16 & 0xFF) + 0.587 * (pixel >> 8 & 0xFF) + 0.114 * (pixel & 0xFF);
    }
}
