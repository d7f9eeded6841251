package com.keenreel.imaging;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.MemoryCacheImageOutputStream;

/**
 * A picture at one size, encoded for browsers, without any metadata.
 *
 * @param width px across; 0 for shapes, which have any size
 * @param format how it is encoded
 */
public record Rendition(int width, Format format, byte[] bytes) {
    private static final int[] WIDTHS = {320, 640, 960, 1440, 1920};
    private static final float WEBP_QUALITY = 0.80f;
    private static final float JPEG_QUALITY = 0.82f;

    /** The widths in which a picture is kept: up to its own, and its own where it is smaller than the greatest. */
    public static List<Integer> widths(int own) {
        IntStream smaller = Arrays.stream(WIDTHS).filter(width -> width < own);
        return IntStream.concat(smaller, IntStream.of(Math.min(own, WIDTHS[WIDTHS.length - 1])))
                .distinct()
                .boxed()
                .toList();
    }

    /**
     * Every rendition of a picture: WebP of each width, and one fallback (JPEG, or PNG with alpha) of a middle width. An
     * SVG is its own only rendition.
     *
     * @throws Refused when its pixels cannot be read
     */
    public static List<Rendition> all(Received file) throws Refused {
        if (file.format() == Format.SVG) {
            return List.of(new Rendition(0, Format.SVG, file.bytes()));
        }
        Pixels pixels = Pixels.of(file);
        List<Rendition> made = new ArrayList<>();
        List<Integer> widths = new ArrayList<>(widths(pixels.width()));
        java.util.Collections.reverse(widths);
        int middle = widths.stream().filter(width -> width <= 960).findFirst().orElse(widths.get(0));
        int ownWidth = pixels.width();
        int ownHeight = pixels.height();
        for (int width : widths) {
            int height = (int) Math.max(1, Math.round((double) ownHeight * width / ownWidth));
            pixels = Resampling.to(pixels, width, height);
            BufferedImage image = pixels.image();
            made.add(new Rendition(width, Format.WEBP, encode(image, Format.WEBP, WEBP_QUALITY)));
            if (width == middle) {
                Format fallback = pixels.alpha() ? Format.PNG : Format.JPEG;
                made.add(new Rendition(width, fallback, encode(image, fallback, JPEG_QUALITY)));
            }
        }
        return made;
    }

    private static byte[] encode(BufferedImage image, Format format, float quality) {
        ImageWriter writer = Formats.writer(format);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (MemoryCacheImageOutputStream out = new MemoryCacheImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam how = writer.getDefaultWriteParam();
            if (format != Format.PNG) {
                how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
                how.setCompressionType(how.getCompressionTypes()[0]);
                how.setCompressionQuality(quality);
            }
            if (format == Format.JPEG) {
                how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
            }
            writer.write(null, new IIOImage(image, null, null), how);
        } catch (IOException never) {
            throw new IllegalStateException(never); // memory is not a device that fails
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
