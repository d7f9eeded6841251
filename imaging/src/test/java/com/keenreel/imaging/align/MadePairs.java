package com.keenreel.imaging.align;

import com.keenreel.core.align.Warp;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * Pairs of which it is known how they lie: two views of one scene, the second one moved by up to 6 % of the width, turned by up
 * to 4 degrees, up to 8 % larger or smaller, a little tilted, up to a stop brighter or darker, with grain; a quarter of what it
 * shows is something else, and one of the two may be out of focus.
 */
public final class MadePairs {
    private static final int WIDTH = 1000;
    private static final int HEIGHT = 667;

    /** How much of a scene a view shows, so that the other one can look beyond its edge. */
    private static final double VIEW = 0.8;

    private final List<Path> files;
    private final Grey[] scenes; // of those files; null until it is needed

    /**
     * Two pictures.
     *
     * @param warp where points of the first one are in the second; as it was made
     */
    public record Pair(Grey before, Grey after, Warp warp) {
        /** By how many px, at a width of 1000, the worst corner of the first is elsewhere by that warp. */
        public double off(Warp other) {
            double worst = 0;
            for (int corner = 0; corner < 4; corner++) {
                double x = corner % 2;
                double y = corner >> 1;
                double across = warp.x(x, y) - other.x(x, y);
                double down = (warp.y(x, y) - other.y(x, y)) * after.height() / after.width();
                worst = Math.max(worst, 1000 * Math.hypot(across, down));
            }
            return worst;
        }
    }

    private MadePairs(List<Path> files) {
        this.files = files;
        this.scenes = new Grey[files.size()];
    }

    /** Of the photographs in a folder. Each is read when it is first needed. */
    public static MadePairs of(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return new MadePairs(files.filter(MadePairs::isScene).sorted().toList());
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static boolean isScene(Path file) {
        String name = file.getFileName().toString();
        return name.matches("(commission|plate|banner|floor).*jpg") && !name.matches("floor.*before.*");
    }

    private Grey scene(int n) {
        int i = n % scenes.length;
        if (scenes[i] == null) {
            try {
                scenes[i] = grey(ImageIO.read(files.get(i).toFile()));
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
        return scenes[i];
    }

    /** The brightness of an image. */
    public static Grey grey(BufferedImage image) {
        float[] values = new float[image.getWidth() * image.getHeight()];
        int[] argb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        for (int i = 0; i < argb.length; i++) {
            values[i] = 0.2126f * (argb[i] >> 16 & 255) + 0.7152f * (argb[i] >> 8 & 255) + 0.0722f * (argb[i] & 255);
        }
        return new Grey(image.getWidth(), image.getHeight(), values);
    }

    /** The nth pair of one scene. */
    public Pair pair(int n) {
        Random random = new Random(7_000 + n);
        Grey scene = scene(n);
        Grey other = scene(n + 5);
        double ratio = (double) WIDTH / HEIGHT;
        Warp warp = Warp.turn(between(random, 4), 1 + between(random, 0.08), ratio)
                .then(Warp.shift(between(random, 0.06), between(random, 0.06) * ratio))
                .then(new Warp(1, 0, 0, 0, 1, 0, between(random, 0.015), between(random, 0.015)));
        Grey before = view(scene, Warp.NONE);
        Grey after = view(scene, warp.inverse());
        replace(after, view(other, Warp.NONE), random);
        after = exposed(after, Math.pow(2, between(random, 1)));
        if (n % 3 == 0) {
            before = blurred(before, 1.2 + random.nextDouble());
        } else if (n % 3 == 1) {
            after = blurred(after, 1.2 + random.nextDouble());
        }
        return new Pair(grained(before, random), grained(after, random), warp);
    }

    /** The nth pair of two different things. */
    public Pair different(int n) {
        Random random = new Random(9_000 + n);
        Grey one = view(scene(n), Warp.NONE);
        Grey other = view(scene(n + 3 + n / scenes.length), Warp.NONE);
        return new Pair(grained(one, random), grained(other, random), Warp.NONE);
    }

    private static double between(Random random, double most) {
        return most * (2 * random.nextDouble() - 1);
    }

    /** What a view of a scene shows: point p of it is the scene's middle part at warp(p). */
    private static Grey view(Grey scene, Warp warp) {
        float[] values = new float[WIDTH * HEIGHT];
        double wide = VIEW * Math.min(scene.width(), scene.height() * (double) WIDTH / HEIGHT);
        double high = wide * HEIGHT / WIDTH;
        double step = wide / WIDTH;
        int grain = (int) Math.max(
                1, Math.round(2 * step)); // every pixel the mean of several: nothing finer than a pixel is left
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                double sum = 0;
                for (int i = 0; i < grain * grain; i++) {
                    int row = i / grain;
                    double px = (x + (i - row * grain + 0.5) / grain) / WIDTH;
                    double py = (y + (row + 0.5) / grain) / HEIGHT;
                    double atX = scene.width() / 2.0 + (warp.x(px, py) - 0.5) * wide - 0.5;
                    double atY = scene.height() / 2.0 + (warp.y(px, py) - 0.5) * high - 0.5;
                    sum += scene.between(
                            Math.min(Math.max(atX, 1), scene.width() - 2.01),
                            Math.min(Math.max(atY, 1), scene.height() - 2.01));
                }
                values[y * WIDTH + x] = (float) (sum / (grain * grain));
            }
        }
        return new Grey(WIDTH, HEIGHT, values);
    }

    /** Puts parts of another picture over a quarter of it: some large, some small. */
    private static void replace(Grey picture, Grey other, Random random) {
        double left = 0.25 * WIDTH * HEIGHT;
        while (left > 0) {
            int w = (int) Math.min(WIDTH - 1, 60 + 300 * random.nextDouble());
            int h = (int) Math.min(HEIGHT - 1, Math.max(1, Math.min(left / w, 60 + 200 * random.nextDouble())));
            int x = random.nextInt(WIDTH - w);
            int y = random.nextInt(HEIGHT - h);
            for (int row = y; row < y + h; row++) {
                System.arraycopy(other.values(), row * WIDTH + x, picture.values(), row * WIDTH + x, w);
            }
            left -= w * h;
        }
    }

    private static Grey exposed(Grey picture, double times) {
        float[] values = picture.values().clone();
        for (int i = 0; i < values.length; i++) {
            double linear = Math.pow(values[i] / 255, 2.2) * times;
            values[i] = (float) (255 * Math.pow(Math.min(1, linear), 1 / 2.2));
        }
        return new Grey(picture.width(), picture.height(), values);
    }

    private static Grey grained(Grey picture, Random random) {
        float[] values = picture.values().clone();
        for (int i = 0; i < values.length; i++) {
            values[i] = Math.round(Math.max(0, Math.min(255, values[i] + 4 * random.nextGaussian())));
        }
        return new Grey(picture.width(), picture.height(), values);
    }

    private static Grey blurred(Grey picture, double sigma) {
        int reach = (int) Math.ceil(3 * sigma);
        double[] kernel = new double[2 * reach + 1];
        double sum = 0;
        for (int i = -reach; i <= reach; i++) {
            kernel[i + reach] = Math.exp(-i * i / (2 * sigma * sigma));
            sum += kernel[i + reach];
        }
        float[] across = new float[picture.values().length];
        float[] both = new float[across.length];
        for (int pass = 0; pass < 2; pass++) {
            float[] from = pass == 0 ? picture.values() : across;
            float[] to = pass == 0 ? across : both;
            for (int y = 0; y < picture.height(); y++) {
                for (int x = 0; x < picture.width(); x++) {
                    double value = 0;
                    for (int i = -reach; i <= reach; i++) {
                        int atX = pass == 0 ? Math.min(picture.width() - 1, Math.max(0, x + i)) : x;
                        int atY = pass == 0 ? y : Math.min(picture.height() - 1, Math.max(0, y + i));
                        value += kernel[i + reach] * from[atY * picture.width() + atX];
                    }
                    to[y * picture.width() + x] = (float) (value / sum);
                }
            }
        }
        return new Grey(picture.width(), picture.height(), both);
    }
}
