package com.keenreel.app;

import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Compares two screenshots. */
final class Pixels {
    /** A browser that draws the same in another order may round one of 255 levels otherwise; nobody sees that. */
    private static final int ROUNDING = 1;

    private Pixels() {}

    /**
     * Where the second differs from the first; empty for nowhere.
     *
     * @param except what is left out
     */
    static String difference(byte[] one, byte[] other, Rectangle except) {
        BufferedImage a = read(one);
        BufferedImage b = read(other);
        if (a.getWidth() != b.getWidth() || a.getHeight() != b.getHeight()) {
            return "one is " + a.getWidth() + " x " + a.getHeight() + ", the other " + b.getWidth() + " x "
                    + b.getHeight();
        }
        for (int y = 0; y < a.getHeight(); y++) {
            for (int x = 0; x < a.getWidth(); x++) {
                if (!except.contains(x, y) && differ(a.getRGB(x, y), b.getRGB(x, y))) {
                    return "at " + x + ", " + y + " it is " + Integer.toHexString(a.getRGB(x, y)) + " and "
                            + Integer.toHexString(b.getRGB(x, y));
                }
            }
        }
        return "";
    }

    private static boolean differ(int one, int other) {
        for (int shift = 0; one != other && shift < 24; shift += 8) {
            if (Math.abs((one >> shift & 255) - (other >> shift & 255)) > ROUNDING) {
                return true;
            }
        }
        return false;
    }

    private static BufferedImage read(byte[] png) {
        try {
            return ImageIO.read(new ByteArrayInputStream(png));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
