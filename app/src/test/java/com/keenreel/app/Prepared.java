package com.keenreel.app;

import com.keenreel.app.Editor.Made;
import com.keenreel.app.store.BackupFile;
import com.keenreel.player.Kinds;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipFile;

/**
 * The demonstration pictures that many tests show, ready in the widths in which reels show them: tests that look at something
 * else do not wait for them. The application itself makes them, once for each state of what was built, and they are kept as a
 * backup of its data folder.
 */
public final class Prepared {
    /** The folder in which backups are kept; empty where each run makes its pictures itself. */
    private static final String KEPT = System.getProperty("keen-reel.prepared", "");

    private Prepared() {}

    /** Puts those pictures into an empty data folder. */
    static void into(Path data) throws IOException {
        if (KEPT.isEmpty()) {
            return;
        }
        Files.createDirectories(Path.of(KEPT));
        Path backup = Path.of(KEPT, builtNow() + ".zip");
        try (FileChannel channel =
                        FileChannel.open(Path.of(KEPT, "lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock alone = channel.lock()) { // whoever comes second finds it made
            if (!Files.exists(backup)) {
                make(backup);
            }
        }
        new BackupFile(backup).restore(data);
    }

    /** In a process of its own, as other tests may run beside it. */
    private static void make(Path backup) throws IOException {
        try (Stream<Path> former = Files.list(backup.toAbsolutePath().getParent())) {
            former.filter(path -> path.toString().endsWith(".zip"))
                    .forEach(path -> path.toFile().delete());
        }
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1", // what runs for a minute is not worth compiling well
                        "-XX:+UseSerialGC",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Prepared.class.getName(),
                        backup.toString())
                .redirectErrorStream(true)
                .redirectOutput(backup.resolveSibling("log").toFile())
                .start();
        try {
            if (process.waitFor() != 0) {
                throw new IllegalStateException(Files.readString(backup.resolveSibling("log")));
            }
        } catch (InterruptedException stopped) {
            process.destroy();
            Thread.currentThread().interrupt();
        }
    }

    /** Makes them and keeps them in that file. */
    public static void main(String[] file) {
        int code = 0;
        try {
            make(file[0]);
        } catch (IOException | RuntimeException | Error failed) {
            failed.printStackTrace();
            code = 1;
        }
        System.exit(code); // the application would go on
    }

    private static void make(String file) throws IOException {
        try (Editor editor = new Editor()) {
            List<Made> reels = new ArrayList<>(Kinds.all(editor).values());
            reels.add(editor.make(
                    "Prepared banner",
                    "banner",
                    "full",
                    Stream.concat(
                                    Stream.of(
                                            "banner-glaze-bench.jpg",
                                            "banner-dusk-works.jpg",
                                            "banner-kiln-glow.jpg",
                                            "banner-long-room.jpg",
                                            "plate-01-quatrefoil.jpg",
                                            "plate-02-eight-star.jpg",
                                            "plate-03-target-square.jpg",
                                            "plate-04-fan.jpg"),
                                    IntStream.rangeClosed(1, 3).mapToObj("commission-%02d.jpg"::formatted))
                            .toArray(String[]::new)));
            reels.add(editor.make("Prepared row", "row", "full", Kinds.SIX));
            for (Made reel : reels) {
                reel.publish();
            }
            String ids = "{\"into\":true,\"reels\":[\""
                    + String.join("\",\"", reels.stream().map(reel -> reel.id).toList()) + "\"]}";
            editor.send("POST", "/reels/bin", ids);
            editor.send("POST", "/reels/erasure", ids);
            Path half = Path.of(file + ".part");
            Files.write(half, editor.bytes("/backup"));
            Files.move(half, Path.of(file), StandardCopyOption.ATOMIC_MOVE);
        }
    }

    /** A name for what makes them: the product as it is on the class path, packed or not, and of its tests what is asked for. */
    private static String builtNow() throws IOException {
        SortedMap<String, Long> sums = new TreeMap<>();
        for (String entry : System.getProperty("java.class.path").split(System.getProperty("path.separator"))) {
            Path path = Path.of(entry);
            if (Files.exists(path.resolve("com/keenreel/measure"))) {
                continue; // measurements make none
            }
            if (Files.isDirectory(path)) {
                unpacked(path, sums);
            } else if (path.getFileName().toString().startsWith("keen-reel")) {
                packed(path, sums);
            }
        }
        return Integer.toHexString(sums.hashCode());
    }

    private static void unpacked(Path folder, SortedMap<String, Long> sums) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path file : all.filter(Files::isRegularFile).toList()) {
                String name = folder.relativize(file).toString();
                if (makesPictures(name, folder.endsWith("test-classes"))) {
                    CRC32 sum = new CRC32();
                    sum.update(Files.readAllBytes(file));
                    sums.put(name, sum.getValue());
                }
            }
        }
    }

    private static void packed(Path jar, SortedMap<String, Long> sums) throws IOException {
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            zip.stream()
                    .filter(entry ->
                            makesPictures(entry.getName(), jar.toString().endsWith("-tests.jar")))
                    .forEach(entry -> sums.put(entry.getName(), entry.getCrc()));
        }
    }

    private static boolean makesPictures(String name, boolean tests) {
        return name.matches("com/keenreel/.*[.]\\w+") && (!tests || name.matches(".*/(Kinds|Prepared)\\b.*"));
    }
}
