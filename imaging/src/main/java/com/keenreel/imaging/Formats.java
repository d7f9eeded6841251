package com.keenreel.imaging;

import com.luciad.imageio.webp.WebPImageReaderSpi;
import com.luciad.imageio.webp.WebPImageWriterSpi;
import com.twelvemonkeys.imageio.plugins.jpeg.JPEGImageReaderSpi;
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
        registry.registerServiceProvider(new com.twelvemonkeys.imageio.plugins.webp.WebPImageReaderSpi());
        WebPImageReaderSpi second = registry.getServiceProviderByClass(WebPImageReaderSpi.class);
        if (second != null) {
            registry.deregisterServiceProvider(second);
        }
    }

    private Formats() {}

    static ImageReader reader(Format format) {
        try {
            return switch (format) {
                case JPEG -> provider(JPEGImageReaderSpi.class).createReaderInstance();
                case WEBP ->
                    provider(com.twelvemonkeys.imageio.plugins.webp.WebPImageReaderSpi.class)
                            .createReaderInstance();
                case PNG -> only(ImageIO.getImageReadersByFormatName("png"));
                case SVG -> throw new IllegalArgumentException("Shapes have no pixels to read.");
            };
        } catch (java.io.IOException never) {
            throw new IllegalStateException(never);
        }
    }

    static ImageWriter writer(Format format) {
        try {
            return switch (format) {
                case WEBP -> new WebPImageWriterSpi().createWriterInstance();
                case JPEG -> only(ImageIO.getImageWritersByFormatName("jpeg"));
                case PNG -> only(ImageIO.getImageWritersByFormatName("png"));
                case SVG -> throw new IllegalArgumentException("Shapes are not written from pixels.");
            };
        } catch (java.io.IOException never) {
            throw new IllegalStateException(never);
        }
    }

    private static <T extends ImageReaderSpi> T provider(Class<T> type) {
        return IIORegistry.getDefaultInstance().getServiceProviderByClass(type);
    }

    private static <T> T only(Iterator<T> found) {
        return found.next();
    }
}
