package com.keenreel.imaging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Fewer pixels, the same picture. */
class ResamplingTest {
    private static Pixels pixels(BufferedImage image) {
        int[] argb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new Pixels(image.getWidth(), image.getHeight(), argb, false);
    }

    @Test
    void aSmoothPictureStaysItself() {
        Pixels small = Resampling.to(pixels(MadeFiles.gradient(1200, 800)), 300, 200);
        for (int y = 10; y < 190; y += 20) {
            for (int x = 10; x < 290; x += 20) {
                int pixel = small.argb()[y * 300 + x];
                assertThat((double) (pixel >> 16 & 0xFF)).isCloseTo(255 * (x + 0.5) / 300, within(1.5));
                assertThat((double) (pixel >> 8 & 0xFF)).isCloseTo(255 * (y + 0.5) / 200, within(1.5));
            }
        }
    }

    @Test
    void transparentPixelsDoNotBleed() {
        int[] argb = new int[400 * 100];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = i % 400 < 200 ? 0xFFFF0000 : 0x0000FF00; // opaque red beside transparent green
        }
        Pixels small = Resampling.to(new Pixels(400, 100, argb, true), 100, 25);
        for (int x = 0; x < 100; x++) {
            int pixel = small.argb()[12 * 100 + x];
            if (pixel >>> 24 > 8) {
                assertThat(pixel >> 8 & 0xFF).as("green at %s", x).isLessThan(12);
            }
        }
    }

    /**
     * Each size, made from the next wider one, against the same size made at once from the original by a Lanczos filter
     * that is written down here in the plainest way.
     */
    @Test
    void eachSizeIsAsGoodAsIfMadeFromTheOriginal() throws Exception {
        double sum = 0;
        int count = 0;
        for (long seed = 1; seed <= 3; seed++) {
            BufferedImage original = MadeFiles.photograph(1200, 800, seed);
            Pixels pixels = Opened.of(Received.look(MadeFiles.encoded(original, "png")), Adjustment.NONE, 960);
            for (int width : List.of(960, 640, 320, 160)) {
                int height = width * 2 / 3;
                pixels = width < pixels.width() ? Resampling.to(pixels, width, height) : pixels;
                double ssim = Ssim.of(pixels.argb(), Reference.lanczos(original, width, height), width, height);
                assertThat(ssim).as("seed %s, %s px", seed, width).isGreaterThan(0.99);
                sum += ssim;
                count++;
            }
        }
        assertThat(sum / count).isGreaterThanOrEqualTo(0.995);
    }
}
