package com.keenreel.imaging;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * A file that was brought, looked at without decoding its pixels.
 *
 * @param format what it is
 * @param bytes the file; an SVG is already cleaned
 * @param width px across when upright
 * @param height px down when upright
 * @param orientation how it must be turned, as EXIF numbers it, 1 to 8
 */
public record Received(Format format, byte[] bytes, int width, int height, int orientation) {
    /** The greatest file that is taken in, bytes. */
    public static final long MOST_BYTES = 60L * 1024 * 1024;

    /** The greatest picture that is taken in, pixels. */
    public static final long MOST_PIXELS = 120_000_000L;

    /**
     * Looks at a file.
     *
     * @throws Refused with a sentence, when it is no picture, too large or broken
     */
    public static Received look(byte[] file) throws Refused {
        if (file.length > MOST_BYTES) {
            throw new Refused("The file has " + file.length / (1024 * 1024) + " MB; 60 MB are the most.");
        }
        Format format = Format.of(file);
        if (format == Format.SVG) {
            CleanSvg svg = CleanSvg.of(file);
            return new Received(format, svg.bytes(), svg.width(), svg.height(), 1);
        }
        int[] size = size(format, file);
        if ((long) size[0] * size[1] > MOST_PIXELS) {
            throw new Refused("The picture has " + size[0] + " x " + size[1] + " pixels; 120 megapixels are the most.");
        }
        int orientation = orientation(file);
        boolean onItsSide = orientation >= 5;
        return new Received(format, file, onItsSide ? size[1] : size[0], onItsSide ? size[0] : size[1], orientation);
    }

    private static int[] size(Format format, byte[] file) throws Refused {
        ImageReader reader = Formats.reader(format);
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in, true, true);
            int[] size = {reader.getWidth(0), reader.getHeight(0)};
            if (size[0] < 1 || size[1] < 1) {
                throw new IOException("no pixels");
            }
            return size;
        } catch (IOException | RuntimeException broken) {
            throw new Refused("The file is broken: its size cannot be read. Copy it again from where it came from.");
        } finally {
            reader.dispose();
        }
    }

    private static int orientation(byte[] file) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer value = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return value == null || value < 1 || value > 8 ? 1 : value;
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            return 1; // a picture without readable metadata stands as it is stored
        }
    }
}
