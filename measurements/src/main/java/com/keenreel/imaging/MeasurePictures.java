package com.keenreel.imaging;

import com.keenreel.measure.Figures;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * Photographs to renditions, against the system's {@code vipsthumbnail} on the same files at the same qualities, in one
 * run. Both sides may use both cores: ours works on two photographs at a time; the commands are given one after another,
 * as anybody would type them, and use the threads they have. The stricter comparison, two photographs of commands at a time
 * too, is reported beside.
 */
public final class MeasurePictures {
    private static final int COUNT = Figures.times(20, 2);
    private static final List<Integer> WIDTHS =
            Figures.isBrief() ? List.of(240, 160) : List.of(1920, 1440, 1280, 960, 640, 320);

    /** How wide photographs are, px, and at which width their bytes are compared. */
    private static final int WIDE = Figures.times(4000, 400);

    private static final int HIGH = WIDE * 3 / 4;
    private static final int COMPARED = Figures.times(960, 240);
    private static final int AT_ONCE = 2;

    private final Figures figures;
    private final Path folder;

    private MeasurePictures(Figures figures) throws IOException {
        this.figures = figures;
        folder = Files.createTempDirectory("keen-reel-pictures");
    }

    public static void main(String[] args) {
        Figures.of(MeasurePictures::measure);
    }

    /** Measures it. */
    public static void measure(Figures figures) throws Exception {
        new MeasurePictures(figures).run();
    }

    private void run() throws Exception {
        try {
            List<Path> photographs = photographs();
            ours(photographs.subList(0, Math.min(4, COUNT))); // warm
            all(photographs.subList(0, 2), this::commands);
            double own = timed(() -> ours(photographs));
            double twelve = timed(() -> all(photographs, this::commands));
            double chain = timed(() -> all(photographs, this::chain));
            double ownAgain = timed(() -> ours(photographs));
            double twelveAtOnce = timed(() -> both(photographs, this::commands));
            double chainAtOnce = timed(() -> both(photographs, this::chain));
            double mean = (own + ownAgain) / 2;
            figures.reported("pictures.own", mean / COUNT, "s a photograph of 12 megapixels, 6 widths, 2 formats");
            figures.reported("pictures.twelve-commands", twelve / COUNT, "s a photograph");
            figures.reported("pictures.chain", chain / COUNT, "s a photograph");
            figures.atMost("pictures.ratio-to-commands", mean / twelve, "of the time", 0.35);
            figures.atMost("pictures.ratio-to-chain", mean / chain, "of the time", 0.7);
            figures.reported("pictures.ratio-to-commands-two-at-once", mean / twelveAtOnce, "of the time");
            figures.reported("pictures.ratio-to-chain-two-at-once", mean / chainAtOnce, "of the time");
            figures.atMost("pictures.peak-memory", peak(), "MB of the whole process", 1000);
            bytes(photographs.subList(0, Math.min(3, COUNT)));
        } finally {
            try (Stream<Path> all = Files.walk(folder)) {
                all.sorted(java.util.Comparator.reverseOrder())
                        .map(Path::toFile)
                        .forEach(File::delete);
            }
        }
    }

    /** The demonstration's photographs, enlarged to what a camera gives, with grain. */
    private List<Path> photographs() throws Exception {
        List<Path> painted;
        try (Stream<Path> files = Files.list(Path.of("../samples/pictures"))) {
            painted = files.filter(file -> file.toString().endsWith(".jpg"))
                    .sorted()
                    .limit(COUNT)
                    .toList();
        }
        return both(painted.stream()
                .<Callable<Path>>map(file -> () -> {
                    BufferedImage large = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
                    Graphics2D graphics = large.createGraphics();
                    graphics.setRenderingHint(
                            RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
                    graphics.drawImage(ImageIO.read(file.toFile()), 0, 0, WIDE, HIGH, null);
                    graphics.dispose();
                    int[] argb = large.getRGB(0, 0, WIDE, HIGH, null, 0, WIDE);
                    Random random = new Random(file.getFileName().hashCode());
                    for (int i = 0; i < argb.length; i++) {
                        int grain = random.nextInt(9) - 4;
                        argb[i] = limited((argb[i] >> 16 & 0xFF) + grain) << 16
                                | limited((argb[i] >> 8 & 0xFF) + grain) << 8
                                | limited((argb[i] & 0xFF) + grain);
                    }
                    Path to = folder.resolve(file.getFileName());
                    Files.write(to, MadeFiles.jpeg(new Pixels(WIDE, HIGH, argb, false).image(), false, 0.92f));
                    return to;
                })
                .toList());
    }

    private static int limited(int value) {
        return Math.min(255, Math.max(0, value));
    }

    private static double timed(Callable<?> work) throws Exception {
        long start = System.nanoTime();
        work.call();
        return (System.nanoTime() - start) / 1e9;
    }

    private static <T> List<T> both(List<Callable<T>> works) throws Exception {
        ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE);
        try {
            List<T> done = new ArrayList<>();
            for (Future<T> one : workers.invokeAll(works)) {
                done.add(one.get());
            }
            return done;
        } finally {
            workers.shutdownNow();
        }
    }

    private List<Integer> ours(List<Path> photographs) throws Exception {
        return both(photographs.stream()
                .<Callable<Integer>>map(file -> () -> Darkroom.make(
                                Received.look(Files.readAllBytes(file)), Adjustment.NONE, WIDTHS, WIDTHS, "")
                        .renditions()
                        .size())
                .toList());
    }

    private interface Commands {
        void on(Path photograph) throws Exception;
    }

    private static int all(List<Path> photographs, Commands commands) throws Exception {
        for (Path photograph : photographs) {
            commands.on(photograph);
        }
        return photographs.size();
    }

    private static int both(List<Path> photographs, Commands commands) throws Exception {
        return both(photographs.stream()
                        .<Callable<Path>>map(file -> () -> {
                            commands.on(file);
                            return file;
                        })
                        .toList())
                .size();
    }

    private void commands(Path file) throws Exception {
        for (int width : WIDTHS) {
            vips(file, width, jpeg(file, width));
            vips(file, width, webp(file, width));
        }
    }

    /** The widest from the photograph, each narrower one from the next wider, without loss in between. */
    private void chain(Path file) throws Exception {
        Path from = file;
        for (int width : WIDTHS) {
            String next = folder.resolve(width + "-" + name(file) + ".v").toString();
            vips(from, width, next);
            from = Path.of(next);
            vips(from, width, jpeg(file, width));
            vips(from, width, webp(file, width));
        }
    }

    private static String name(Path file) {
        return file.getFileName().toString().replace(".jpg", "");
    }

    private String jpeg(Path file, int width) {
        return folder.resolve(width + "-" + name(file) + ".out.jpg") + "[Q=80,interlace,strip]";
    }

    private String webp(Path file, int width) {
        return folder.resolve(width + "-" + name(file) + ".out.webp") + "[Q=78,strip]";
    }

    private static void vips(Path from, int width, String to) throws Exception {
        Process process = new ProcessBuilder("vipsthumbnail", from.toString(), "--size", width + "x", "-o", to)
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        if (process.waitFor() != 0) {
            throw new IOException("vipsthumbnail failed on " + from);
        }
    }

    private static double peak() throws IOException {
        return Files.readAllLines(Path.of("/proc/self/status")).stream()
                .filter(line -> line.startsWith("VmHWM"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }

    /** What the same likeness to the photograph costs on either side, at {@link #COMPARED}. */
    private void bytes(List<Path> photographs) throws Exception {
        int width = COMPARED;
        for (Format format : List.of(Format.JPEG, Format.WEBP)) {
            double[] ratios = new double[photographs.size()];
            for (int i = 0; i < ratios.length; i++) {
                Path file = photographs.get(i);
                int[] reference = Reference.lanczos(ImageIO.read(file.toFile()), width, width * 3 / 4);
                String made = format == Format.JPEG ? jpeg(file, width) : webp(file, width);
                byte[] theirs = Files.readAllBytes(Path.of(made.substring(0, made.indexOf('['))));
                double wanted = likeness(theirs, reference, width);
                Pixels own = Opened.of(Received.look(Files.readAllBytes(file)), Adjustment.NONE, width);
                ratios[i] = bytesAt(wanted, own, format, reference, width) / theirs.length;
            }
            figures.atMost(
                    "pictures.bytes-" + format.extension(),
                    Figures.median(ratios),
                    "of the bytes of the other at the same SSIM, median of " + Arrays.toString(ratios),
                    1.05);
        }
    }

    private static double likeness(byte[] file, int[] reference, int width) throws Refused {
        return Ssim.of(Opened.of(Received.look(file), Adjustment.NONE, width).argb(), reference, width, width * 3 / 4);
    }

    /** By qualities on both sides of the wanted likeness, and a straight line between them. */
    private static double bytesAt(double wanted, Pixels own, Format format, int[] reference, int width) throws Refused {
        double likeBefore = 0;
        double sizeBefore = 0;
        for (int quality = 60; quality <= 98; quality += 2) {
            byte[] file = Encoding.of(own, format, quality / 100f);
            double like = likeness(file, reference, width);
            if (like >= wanted) {
                double share = likeBefore == 0 ? 1 : (wanted - likeBefore) / (like - likeBefore);
                return sizeBefore + share * (file.length - sizeBefore);
            }
            likeBefore = like;
            sizeBefore = file.length;
        }
        return Double.POSITIVE_INFINITY;
    }
}
