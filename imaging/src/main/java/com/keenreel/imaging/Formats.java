package com.keenreel.imaging;

import com.luciad.imageio.webp.WebPImageReaderSpi;
import com.luciad.imageio.webp.WebPImageWriterSpi;
import com.twelvemonkeys.imageio.plugins.jpeg.JPEGImageReaderSpi;
import com.twelvemonkeys.imageio.plugins.tiff.TIFFImageReaderSpi;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriter;
import javax.imageio.spi.IIORegistry;
import javax.imageio.spi.ImageReaderSpi;

/** The readers and writers that are used, and no others, in whatever order a class path lists them. */
final class Formats {
    static {
        ImageIO.setUseCache(false);
        IIORegistry registry = IIORegistry.getDefaultInstance();
        registry.registerServiceProvider(new JPEGImageReaderSpi());
        registry.registerServiceProvider(new TIFFImageReaderSpi());
        registry.registerServiceProvider(new com.twelvemonkeys.imageio.plugins.webp.WebPImageReaderSpi());
        WebPImageReaderSpi second = registry.getServiceProviderByClass(WebPImageReaderSpi.class);
        if (second != null) {
            registry.deregisterServiceProvider(second);
        }
    }

    private Formats() {}

    /** Reads pixels of that format; JPEG of greys and colours only. */
    static ImageReader reader(Format format) {
        return switch (format) {
            case JPEG -> system("jpeg");
            case PNG -> system("png");
            case GIF -> system("gif");
            case TIFF -> own(TIFFImageReaderSpi.class);
            case WEBP -> own(com.twelvemonkeys.imageio.plugins.webp.WebPImageReaderSpi.class);
            case SVG -> throw new IllegalArgumentException("Drawings have no pixels to read.");
        };
    }

    /** Reads JPEG whose colours are inks (CMYK), and converts them. */
    static ImageReader inkReader() {
        return own(JPEGImageReaderSpi.class);
    }

    private static ImageReader own(Class<? extends ImageReaderSpi> type) {
        try {
            return IIORegistry.getDefaultInstance()
                    .getServiceProviderByClass(type)
                    .createReaderInstance();
        } catch (java.io.IOException never) {
            throw new IllegalStateException(never);
        }
    }

    /** The reader that comes with Java. */
    private static ImageReader system(String format) {
        Iterator<ImageReader> found = ImageIO.getImageReadersByFormatName(format);
        while (found.hasNext()) {
            ImageReader reader = found.next();
            if (reader.getClass().getName().startsWith("com.sun.imageio.")) {
                return reader;
            }
        }
        throw new IllegalStateException("This Java does not read " + format + ".");
    }

    static ImageWriter writer(Format format) {
        try {
            return switch (format) {
                case WEBP -> new WebPImageWriterSpi().createWriterInstance();
                case JPEG -> only(ImageIO.getImageWritersByFormatName("jpeg"));
                case PNG -> only(ImageIO.getImageWritersByFormatName("png"));
                case GIF, TIFF, SVG -> throw new IllegalArgumentException("Pixels are not written as " + format + ".");
            };
        } catch (java.io.IOException never) {
            throw new IllegalStateException(never);
        }
    }

    private static <T> T only(Iterator<T> found) {
        return found.next();
    }
}
