package com.keenreel.imaging;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorModel;
import java.awt.image.ComponentColorModel;
import java.awt.image.DataBuffer;
import java.awt.image.DataBufferByte;
import java.awt.image.IndexColorModel;
import java.awt.image.PixelInterleavedSampleModel;
import java.awt.image.Raster;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import org.jspecify.annotations.Nullable;

/**
 * A file's pixels as its decoder left them: as stored, not yet upright, in the colours of its profile. They are turned
 * and converted when they are fewer.
 */
final class Decoded implements Lines {
    private final BufferedImage image;
    private final Raster raster;
    private final ColorModel colours;
    private final byte @Nullable [] profile;

    private Decoded(BufferedImage image, byte @Nullable [] profile) {
        this.image = image;
        this.raster = image.getRaster();
        this.colours = image.getColorModel();
        this.profile = profile;
    }

    /**
     * Decodes a file that has pixels.
     *
     * @throws Refused when it is broken or cut off
     */
    static Decoded of(Received file) throws Refused {
        try {
            return switch (file.format()) {
                case JPEG -> jpeg(JpegParts.of(file.bytes()));
                case PNG ->
                    new Decoded(
                            read(Formats.reader(Format.PNG), new ByteArrayInputStream(file.bytes())),
                            PngProfile.of(file.bytes()));
                case GIF, WEBP, TIFF ->
                    new Decoded(read(Formats.reader(file.format()), new ByteArrayInputStream(file.bytes())), null);
                case SVG -> throw new IllegalArgumentException("Drawings have no pixels to read.");
            };
        } catch (IOException | RuntimeException broken) {
            throw Refused.broken();
        }
    }

    private static Decoded jpeg(JpegParts parts) throws Refused, IOException {
        if (parts.components() == 4) { // inks: converted by the reader itself, with their profile
            return new Decoded(read(Formats.inkReader(), new ByteArrayInputStream(parts.file())), null);
        }
        return new Decoded(read(Formats.reader(Format.JPEG), parts.stream(), parts.components() == 3), parts.profile());
    }

    private static BufferedImage read(ImageReader reader, InputStream bytes) throws Refused, IOException {
        return read(reader, bytes, false);
    }

    private static BufferedImage read(ImageReader reader, InputStream bytes, boolean redFirst)
            throws Refused, IOException {
        AtomicBoolean short_ = new AtomicBoolean();
        try (ImageInputStream in = new MemoryCacheImageInputStream(bytes)) {
            reader.setInput(in, true, true);
            reader.addIIOReadWarningListener((source, warning) ->
                    short_.compareAndSet(false, warning != null && warning.contains("Premature end")));
            BufferedImage image = reader.read(0, redFirst ? redFirst(reader) : null);
            int kind = image.getRaster().getTransferType();
            if (kind == DataBuffer.TYPE_FLOAT || kind == DataBuffer.TYPE_DOUBLE) {
                throw new Refused("Its colours are numbers with fractions. Save it with 8 or 16 bits a colour.");
            }
            if (short_.get()) {
                throw new Refused("The file is cut off: the lower part of its picture is missing."
                        + " Copy it again from where it came from.");
            }
            return image;
        } finally {
            reader.dispose();
        }
    }

    /**
     * How a JPEG of colours is read: in the order in which its decoder has them, red first. An image as it would make it
     * by itself has blue first, and putting byte after byte into it takes more than half as long again.
     */
    private static ImageReadParam redFirst(ImageReader reader) throws IOException {
        ImageReadParam how = reader.getDefaultReadParam();
        ColorModel usual = reader.getImageTypes(0).next().getColorModel();
        if (usual.getColorSpace().isCS_sRGB() && usual.getNumComponents() == 3) {
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            how.setDestination(Pixels.bands(new byte[3 * width * height], width, height));
        }
        return how;
    }

    @Override
    public int width() {
        return image.getWidth();
    }

    @Override
    public int height() {
        return image.getHeight();
    }

    @Override
    public boolean alpha() {
        return colours.hasAlpha();
    }

    /** The profile that its colours are of; null for sRGB. */
    @Nullable
    ICC_Profile profile() {
        if (profile != null) {
            return Profiles.read(profile);
        }
        ColorSpace space = colours.getColorSpace();
        boolean foreign = space instanceof ICC_ColorSpace && !space.isCS_sRGB() && space.getNumComponents() == 3;
        return foreign && byBands() ? ((ICC_ColorSpace) space).getProfile() : null;
    }

    /** Whether the stored numbers are the colours, one band each. */
    private boolean byBands() {
        return colours instanceof ComponentColorModel
                && colours.getColorSpace().getNumComponents() <= 3; // inks are converted by the image itself
    }

    @Override
    public void read(int y, float[] into) {
        if (byBands()
                && raster.getDataBuffer() instanceof DataBufferByte data
                && raster.getSampleModel() instanceof PixelInterleavedSampleModel samples) {
            bytes(data, samples, y, into);
        } else if (byBands()) {
            bands(y, into);
        } else {
            packed(y, into);
        }
    }

    private void bytes(DataBufferByte data, PixelInterleavedSampleModel samples, int y, float[] into) {
        byte[] from = data.getData();
        int[] bands = samples.getBandOffsets();
        int step = samples.getPixelStride();
        int start = data.getOffset()
                + (y - raster.getSampleModelTranslateY()) * samples.getScanlineStride()
                - raster.getSampleModelTranslateX() * step;
        boolean grey = bands.length < 3;
        int red = start + bands[0];
        int green = start + bands[grey ? 0 : 1];
        int blue = start + bands[grey ? 0 : 2];
        if (!alpha()) {
            for (int x = 0, to = 0, at = 0; x < width(); x++, at += step, to += 3) {
                into[to] = from[red + at] & 0xFF;
                into[to + 1] = from[green + at] & 0xFF;
                into[to + 2] = from[blue + at] & 0xFF;
            }
            return;
        }
        int opacity = start + bands[bands.length - 1];
        for (int x = 0, to = 0, at = 0; x < width(); x++, at += step, to += 4) {
            float own = from[opacity + at] & 0xFF;
            float weight = own / 255f;
            into[to] = (from[red + at] & 0xFF) * weight;
            into[to + 1] = (from[green + at] & 0xFF) * weight;
            into[to + 2] = (from[blue + at] & 0xFF) * weight;
            into[to + 3] = own;
        }
    }

    /** Any number of bits a band. */
    private void bands(int y, float[] into) {
        int bands = raster.getNumBands();
        int[] line = raster.getPixels(0, y, width(), 1, new int[width() * bands]);
        float[] scale = new float[bands];
        for (int band = 0; band < bands; band++) {
            scale[band] = 255f / ((1L << colours.getComponentSize(band)) - 1);
        }
        boolean grey = bands < 3;
        int channels = channels();
        for (int x = 0; x < width(); x++) {
            int from = x * bands;
            int to = x * channels;
            float opacity = alpha() ? line[from + bands - 1] * scale[bands - 1] : 255f;
            for (int channel = 0; channel < 3; channel++) {
                int band = grey ? 0 : channel;
                into[to + channel] = line[from + band] * scale[band] * opacity / 255f;
            }
            if (channels == 4) {
                into[to + 3] = opacity;
            }
        }
    }

    /** Colours from a table, or several in one number. */
    private void packed(int y, float[] into) {
        int[] argb = new int[width()];
        if (colours instanceof IndexColorModel table) {
            int[] line = raster.getPixels(0, y, width(), 1, (int[]) null);
            for (int x = 0; x < argb.length; x++) {
                argb[x] = table.getRGB(line[x]);
            }
        } else {
            image.getRGB(0, y, width(), 1, argb, 0, width());
        }
        Pixels.unpack(argb, 0, argb.length, alpha(), into);
    }
}
