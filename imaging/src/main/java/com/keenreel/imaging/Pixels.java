package com.keenreel.imaging;

import java.awt.Transparency;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.DataBufferInt;
import java.awt.image.Raster;

/**
 * A picture in memory: one packed int per pixel (alpha, red, green, blue; not premultiplied).
 *
 * @param argb row by row
 * @param alpha whether any pixel may be transparent
 */
record Pixels(int width, int height, int[] argb, boolean alpha) implements Lines {

    @Override
    public void read(int y, float[] into) {
        unpack(argb, y * width, width, alpha, into);
    }

    /** Writes a line of packed pixels as {@link Lines#read} does. */
    static void unpack(int[] argb, int start, int count, boolean alpha, float[] into) {
        int to = 0;
        for (int i = start; i < start + count; i++) {
            int pixel = argb[i];
            if (!alpha) {
                into[to] = pixel >> 16 & 0xFF;
                into[to + 1] = pixel >> 8 & 0xFF;
                into[to + 2] = pixel & 0xFF;
                to += 3;
                continue;
            }
            float weight = (pixel >>> 24) / 255f;
            into[to] = (pixel >> 16 & 0xFF) * weight;
            into[to + 1] = (pixel >> 8 & 0xFF) * weight;
            into[to + 2] = (pixel & 0xFF) * weight;
            into[to + 3] = pixel >>> 24;
            to += 4;
        }
    }

    /** Turned as EXIF orientation 1 to 8 asks for. */
    Pixels turned(int orientation) {
        if (orientation == 1) {
            return this;
        }
        boolean onItsSide = orientation >= 5;
        int w = onItsSide ? height : width;
        int h = onItsSide ? width : height;
        int[] turned = new int[argb.length];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                int fromX = switch (orientation) {
                    case 2, 3 -> width - 1 - x;
                    case 5, 6 -> y;
                    case 7, 8 -> width - 1 - y;
                    default -> x;
                };
                int fromY = switch (orientation) {
                    case 3, 4 -> height - 1 - y;
                    case 5, 8 -> x;
                    case 6, 7 -> height - 1 - x;
                    default -> y;
                };
                turned[y * w + x] = argb[fromY * width + fromX];
            }
        }
        return new Pixels(w, h, turned, alpha);
    }

    /** A copy of what is not transparent, a byte a band: the JPEG encoder reads it in half the time. */
    BufferedImage bands() {
        byte[] bands = new byte[3 * argb.length];
        for (int i = 0, to = 0; i < argb.length; i++, to += 3) {
            int pixel = argb[i];
            bands[to] = (byte) (pixel >> 16);
            bands[to + 1] = (byte) (pixel >> 8);
            bands[to + 2] = (byte) pixel;
        }
        return bands(bands, width, height);
    }

    /** An image of those bytes: red, green and blue of each pixel, row by row. */
    static BufferedImage bands(byte[] bands, int width, int height) {
        int[] order = {0, 1, 2};
        return new BufferedImage(
                new ComponentColorModel(
                        ColorSpace.getInstance(ColorSpace.CS_sRGB),
                        false,
                        false,
                        Transparency.OPAQUE,
                        DataBuffer.TYPE_BYTE),
                Raster.createInterleavedRaster(
                        new DataBufferByte(bands, bands.length), width, height, 3 * width, 3, order, null),
                false,
                null);
    }

    /** A copy for encoders. */
    BufferedImage image() {
        BufferedImage image =
                new BufferedImage(width, height, alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        System.arraycopy(argb, 0, ((DataBufferInt) image.getRaster().getDataBuffer()).getData(), 0, argb.length);
        return image;
    }
}
