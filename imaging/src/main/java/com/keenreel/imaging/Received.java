package com.keenreel.imaging;

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
 * @param words what it says of itself
 * @param note what the person who brought it should know; empty when there is nothing
 */
public record Received(Format format, byte[] bytes, int width, int height, FileWords words, String note) {
    /** The greatest file that is taken in, bytes. */
    public static final long MOST_BYTES = 60L * 1024 * 1024;

    /** The greatest picture that is taken in, pixels. */
    public static final long MOST_PIXELS = 120_000_000L;

    /** The most memory that decoding a file may need, bytes. */
    private static final long MOST_MEMORY = 4 * MOST_PIXELS;

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
            return new Received(format, svg.bytes(), svg.width(), svg.height(), svg.words(), svg.note());
        }
        int[] size = size(format, file);
        if ((long) size[0] * size[1] > MOST_PIXELS) {
            throw new Refused("The picture has " + size[0] + " x " + size[1] + " pixels; 120 megapixels are the most.");
        }
        long memory = (long) size[0] * size[1] * size[2];
        if (memory > MOST_MEMORY) {
            throw new Refused("The picture would need " + memory / 1_000_000
                    + " MB of memory. Save it smaller, or as an ordinary JPEG with 8 bits a colour.");
        }
        FileWords words = FileWords.of(file);
        boolean onItsSide = words.orientation() >= 5;
        return new Received(
                format, file, onItsSide ? size[1] : size[0], onItsSide ? size[0] : size[1], words, note(format, file));
    }

    private static String note(Format format, byte[] file) throws Refused {
        if (format == Format.TIFF && Tiff.pages(file) > 1) {
            return "Only the first of its " + Tiff.pages(file) + " pages is shown.";
        }
        return format == Format.GIF && Gif.moves(file) ? "Only the first of its moving pictures is shown." : "";
    }

    /**
     * The same picture as a browser has decoded it of an original that is kept: what that says of itself is said.
     *
     * @param colours whether the numbers of its colours are still those of the original's profile
     * @throws Refused when the two cannot go together
     */
    public Received of(Original original, boolean colours) throws Refused {
        byte[] profile = original.profile();
        byte[] own = colours && profile != null && format == Format.JPEG
                ? JpegParts.of(bytes).withProfile(profile)
                : bytes;
        return new Received(
                format,
                own,
                width,
                height,
                original.words(),
                "Shown from a copy; the " + original.kind() + " is kept.");
    }

    /** The same with one thing more that the person who brought it should know. */
    public Received saying(String more) {
        return new Received(format, bytes, width, height, words, (note + " " + more).strip());
    }

    /** How it must be turned, as EXIF numbers it, 1 to 8. */
    int orientation() {
        return words.orientation();
    }

    /** Pixels across and down as stored, and bytes a pixel needs when it is decoded. */
    private static int[] size(Format format, byte[] file) throws Refused {
        if (format == Format.JPEG) {
            JpegParts parts = JpegParts.of(file);
            if (!parts.whole()) {
                throw Refused.cutOff(file.length);
            }
            return new int[] {parts.width(), parts.height(), parts.components() == 4 ? 8 : 3};
        }
        if (format == Format.TIFF) {
            Tiff.check(file);
        }
        ImageReader reader = Formats.reader(format);
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in, true, true);
            int[] size = {reader.getWidth(0), reader.getHeight(0), bytes(format, file)};
            if (size[0] < 1 || size[1] < 1) {
                throw Refused.broken();
            }
            return size;
        } catch (IOException | RuntimeException broken) {
            throw Refused.broken();
        } finally {
            reader.dispose();
        }
    }

    private static int bytes(Format format, byte[] file) {
        return switch (format) {
            case PNG -> bytes(file[24], file[25]);
            case TIFF -> 8; // 16 bits each of four
            default -> 4;
        };
    }

    /** Bytes a pixel of a PNG has when it is decoded. Source: the PNG specification, chunk IHDR. */
    private static int bytes(byte bits, byte kind) {
        int channels = switch (kind) {
            case 2 -> 3;
            case 4 -> 2;
            case 6 -> 4;
            default -> 1;
        };
        return channels * (bits > 8 ? 2 : 1);
    }
}
