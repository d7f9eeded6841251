package com.keenreel.imaging.align;

import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Received;
import com.keenreel.measure.Figures;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.stream.DoubleStream;
import javax.imageio.ImageIO;

/** How exactly pairs are lined up of which it is known how they lie, how often it is unsure, and how long it takes. */
public final class MeasurePairs {
    private static final int PAIRS = Figures.times(60, 1);
    private static final int DIFFERENT = Figures.times(20, 1);
    private static final double CLOSE = 1.5;
    private static final Path PICTURES = Path.of("../samples/pictures");

    private MeasurePairs() {}

    public static void main(String[] args) {
        Figures.of(MeasurePairs::run);
    }

    /** Measures it. */
    public static void run(Figures figures) throws Exception {
        MadePairs made = MadePairs.of(PICTURES);
        double[] off = new double[PAIRS];
        int trusted = 0;
        int wrong = 0;
        for (int n = 0; n < PAIRS; n++) {
            MadePairs.Pair pair = made.pair(n);
            Registration found = Registration.of(pair.before(), pair.after());
            off[n] = pair.off(found.warp());
            boolean close = off[n] < CLOSE;
            trusted += close && found.isSure() ? 1 : 0;
            wrong += !close && found.isSure() ? 1 : 0;
        }
        Arrays.sort(off);
        int unsure = 0;
        for (int n = 0; n < DIFFERENT; n++) {
            MadePairs.Pair pair = made.different(n);
            unsure += Registration.of(pair.before(), pair.after()).isSure() ? 0 : 1;
        }
        figures.reported("pairs.corner-error-median", off[PAIRS / 2], "px at a width of 1000");
        figures.reported("pairs.corner-error-95th", off[PAIRS * 95 / 100], "px at a width of 1000");
        figures.atLeast("pairs.lined-up", 100.0 * trusted / PAIRS, "% of 60, corners within 1.5 px and sure", 95);
        figures.atMost("pairs.sure-and-wrong", wrong, "of 60", 0);
        figures.atLeast("pairs.different-unsure", unsure, "of 20 pairs of different things", DIFFERENT);
        figures.atMost("pairs.two-of-12-megapixels", seconds(), "s, from the files", 2);
    }

    /** Two photographs as cameras give them, from their files; the middle one of five. */
    private static double seconds() throws IOException {
        byte[] before = photograph("floor-4-before.jpg");
        byte[] after = photograph("floor-4-after.jpg");
        return DoubleStream.generate(() -> timed(before, after))
                .limit(Figures.times(6, 2))
                .skip(1)
                .sorted()
                .toArray()[Figures.times(2, 0)];
    }

    private static double timed(byte[] before, byte[] after) {
        long start = System.nanoTime();
        try {
            Grey one = Darkroom.grey(Received.look(before), 0, Registration.WIDTH);
            Grey other = Darkroom.grey(Received.look(after), 0, Registration.WIDTH);
            if (!Registration.of(one, other).isSure()) {
                throw new IllegalStateException("It was not lined up.");
            }
        } catch (com.keenreel.imaging.Refused refused) {
            throw new IllegalStateException(refused);
        }
        return (System.nanoTime() - start) / 1e9;
    }

    private static byte[] photograph(String file) throws IOException {
        BufferedImage small = ImageIO.read(PICTURES.resolve(file).toFile());
        BufferedImage large =
                new BufferedImage(Figures.times(4240, 1060), Figures.times(2827, 707), BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D brush = large.createGraphics();
        brush.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        brush.drawImage(small, 0, 0, large.getWidth(), large.getHeight(), null);
        brush.dispose();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(large, "jpg", bytes);
        return bytes.toByteArray();
    }
}
