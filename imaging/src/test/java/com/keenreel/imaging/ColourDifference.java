package com.keenreel.imaging;

/**
 * How different two sRGB colours look. Source: G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 Color-Difference Formula",
 * Color Research and Application 30 (2005).
 */
final class ColourDifference {
    private ColourDifference() {}

    static double linear(double value) {
        return value <= 0.04045 ? value / 12.92 : Math.pow((value + 0.055) / 1.055, 2.4);
    }

    static double encoded(double light) {
        double value = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
        return Math.min(1, Math.max(0, value));
    }

    private static double[] lab(int rgb) {
        double r = linear((rgb >> 16 & 0xFF) / 255.0);
        double g = linear((rgb >> 8 & 0xFF) / 255.0);
        double b = linear((rgb & 0xFF) / 255.0);
        double x = f((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047);
        double y = f(0.2126729 * r + 0.7151522 * g + 0.0721750 * b);
        double z = f((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883);
        return new double[] {116 * y - 16, 500 * (x - y), 200 * (y - z)};
    }

    private static double f(double t) {
        return t > 216.0 / 24389 ? Math.cbrt(t) : (24389.0 / 27 * t + 16) / 116;
    }

    static double of(int one, int other) {
        return of(lab(one), lab(other));
    }

    static double of(double[] p, double[] q) {
        double mean = (Math.hypot(p[1], p[2]) + Math.hypot(q[1], q[2])) / 2;
        double seventh = Math.pow(mean, 7);
        double g = 0.5 * (1 - Math.sqrt(seventh / (seventh + Math.pow(25, 7))));
        double a1 = (1 + g) * p[1];
        double a2 = (1 + g) * q[1];
        double c1 = Math.hypot(a1, p[2]);
        double c2 = Math.hypot(a2, q[2]);
        double h1 = hue(p[2], a1);
        double h2 = hue(q[2], a2);
        double dh = c1 * c2 == 0 ? 0 : h2 - h1;
        dh = dh > 180 ? dh - 360 : dh < -180 ? dh + 360 : dh;
        double dl = q[0] - p[0];
        double dc = c2 - c1;
        double dhh = 2 * Math.sqrt(c1 * c2) * Math.sin(Math.toRadians(dh / 2));
        double l = (p[0] + q[0]) / 2;
        double c = (c1 + c2) / 2;
        double h = c1 * c2 == 0
                ? h1 + h2
                : Math.abs(h1 - h2) <= 180 ? (h1 + h2) / 2 : (h1 + h2 + (h1 + h2 < 360 ? 360 : -360)) / 2;
        double t = 1 - 0.17 * cos(h - 30) + 0.24 * cos(2 * h) + 0.32 * cos(3 * h + 6) - 0.20 * cos(4 * h - 63);
        double sl = 1 + 0.015 * (l - 50) * (l - 50) / Math.sqrt(20 + (l - 50) * (l - 50));
        double sc = 1 + 0.045 * c;
        double sh = 1 + 0.015 * c * t;
        double c7 = Math.pow(c, 7);
        double rt = -2
                * Math.sqrt(c7 / (c7 + Math.pow(25, 7)))
                * Math.sin(Math.toRadians(60 * Math.exp(-Math.pow((h - 275) / 25, 2))));
        return Math.sqrt(Math.pow(dl / sl, 2) + Math.pow(dc / sc, 2) + Math.pow(dhh / sh, 2) + rt * dc / sc * dhh / sh);
    }

    private static double hue(double b, double a) {
        double angle = a == 0 && b == 0 ? 0 : Math.toDegrees(Math.atan2(b, a));
        return angle < 0 ? angle + 360 : angle;
    }

    private static double cos(double degrees) {
        return Math.cos(Math.toRadians(degrees));
    }
}
