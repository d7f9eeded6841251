package com.keenreel.imaging;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/** What is particular to TIFF files: several pages, and cameras' raw files, which look like one. */
final class Tiff {
    private static final int PHOTOMETRIC = 0x0106;
    private static final int DNG_VERSION = 0xC612;

    /** Light as the sensor saw it, through coloured filters or not. Source: TIFF/EP and the DNG specification. */
    private static final int FILTERED = 32803;

    private static final int LINEAR = 34892;

    private Tiff() {}

    /**
     * Looks whether it is a picture.
     *
     * @throws Refused when it is a camera's raw file
     */
    static void check(byte[] file) throws Refused {
        boolean raw = file.length > 10 && file[8] == 'C' && file[9] == 'R';
        try {
            for (Directory directory : ImageMetadataReader.readMetadata(new ByteArrayInputStream(file), file.length)
                    .getDirectories()) {
                Integer photometric = directory.getInteger(PHOTOMETRIC);
                raw |= directory.containsTag(DNG_VERSION)
                        || photometric != null && (photometric == FILTERED || photometric == LINEAR);
            }
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            throw Refused.broken();
        }
        if (raw) {
            throw new Refused("This is a camera's raw file. Export it as JPEG, and bring that.");
        }
    }

    /** How many pictures it holds. */
    static int pages(byte[] file) throws Refused {
        ImageReader reader = Formats.reader(Format.TIFF);
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file))) {
            reader.setInput(in, false, true);
            return reader.getNumImages(true);
        } catch (IOException | RuntimeException broken) {
            throw Refused.broken();
        } finally {
            reader.dispose();
        }
    }
}
