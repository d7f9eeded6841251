package com.keenreel.imaging;

import java.awt.Graphics2D;
import java.awt.color.ColorSpace;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * A picture in memory: sRGB, upright, one packed int per pixel (alpha, red, green, blue; not premultiplied).
 *
 * @param argb row by row
 * @param alpha whether any pixel may be transparent
 */
record Pixels(int width, int height, int[] argb, boolean alpha) {

    /**
     * Decodes a file.
     *
     * @throws Refused when it is broken
     */
    static Pixels of(Received file) throws Refused {
        ImageReader reader = Formats.reader(file.format());
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file.bytes()))) {
            reader.setInput(in, true, true);
            return packed(toSrgb(reader.read(0))).turned(file.orientation());
        } catch (IOException | RuntimeException broken) {
            throw new Refused("The file is broken: its pixels cannot be read. Copy it again from where it came from.");
        } finally {
            reader.dispose();
        }
    }

    private static BufferedImage toSrgb(BufferedImage image) {
        ColorSpace space = image.getColorModel().getColorSpace();
        if (space.isCS_sRGB() || space.getType() == ColorSpace.TYPE_GRAY) {
            return image;
        }
        int type = image.getColorModel().hasAlpha() ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB;
        return new ColorConvertOp(null).filter(image, new BufferedImage(image.getWidth(), image.getHeight(), type));
    }

    private static Pixels packed(BufferedImage image) {
        boolean alpha = image.getColorModel().hasAlpha();
        BufferedImage target = image;
        if (image.getType() != BufferedImage.TYPE_INT_ARGB) {
            target = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_ARGB);
            Graphics2D graphics = target.createGraphics();
            graphics.drawImage(image, 0, 0, null);
            graphics.dispose();
        }
        int[] argb = ((DataBufferInt) target.getRaster().getDataBuffer()).getData();
        return new Pixels(image.getWidth(), image.getHeight(), argb, alpha);
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

    BufferedImage image() {
        BufferedImage image =
                new BufferedImage(width, height, alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        image.setRGB(0, 0, width, height, argb, 0, width);
        return image;
    }
}
