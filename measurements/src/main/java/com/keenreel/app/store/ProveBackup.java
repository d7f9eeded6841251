package com.keenreel.app.store;

import com.keenreel.app.Running;
import com.keenreel.app.backup.Command;
import com.keenreel.measure.Figures;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.jooq.DSLContext;

/** A backup of very much is whole, and so is one that is downloaded over a slow line. */
public final class ProveBackup {
    private static final int FILE = 5_000_000; // bytes
    private static final int LARGE = Figures.times(4000, 4); // files: 20 GB
    private static final int SLOW = Figures.times(60, 1); // files: 300 MB
    private static final int A_SECOND = Figures.times(1_000_000, 50_000_000); // bytes over the slow line

    private ProveBackup() {}

    /** Proves it. */
    public static void main(String[] args) {
        Figures.of(ProveBackup::prove);
    }

    /** Proves it. */
    public static void prove(Figures figures) throws Exception {
        Path folder = Files.createTempDirectory("backup");
        try {
            large(figures, folder);
            slow(figures, folder);
        } finally {
            Running.delete(folder);
        }
    }

    private static void large(Figures figures, Path folder) throws Exception {
        Path data = Files.createDirectory(folder.resolve("data"));
        fill(Database.made(data), data, LARGE);
        Path file = folder.resolve("backup.zip");
        long began = System.nanoTime();
        expect(Command.run("backup", file, data) == 0, "The backup was not made.");
        figures.reported("large backup", Files.size(file) / 1e6, "MB");
        figures.reported("large backup: made and read back", since(began), "s");
        Running.delete(data);
        began = System.nanoTime();
        expect(Command.run("restore", file, data) == 0, "The backup was not restored.");
        figures.reported("large backup: restored", since(began), "s");
        figures.reported("large backup: files that are there again", count(data), "files");
        expect(count(data) == LARGE, "Files are missing.");
        Running.delete(data);
        Files.delete(file);
    }

    /** The button of the running application, at the other end of a line of 1 MB/s. */
    private static void slow(Figures figures, Path folder) throws Exception {
        Running application = Running.application();
        Path data = application.data();
        fill(Database.opened(data), data, SLOW);
        Path file = folder.resolve("slow.zip");
        long began = System.nanoTime();
        HttpResponse<InputStream> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(application.origin() + "/backup"))
                                .header("Cookie", application.keyCookie())
                                .build(),
                        BodyHandlers.ofInputStream());
        try (InputStream coming = answer.body();
                OutputStream to = Files.newOutputStream(file)) {
            byte[] some = new byte[A_SECOND / 10];
            for (int read = coming.readNBytes(some, 0, some.length); read > 0; ) {
                to.write(some, 0, read);
                Thread.sleep(100L * read / some.length);
                read = coming.readNBytes(some, 0, some.length);
            }
        }
        new BackupFile(file).check();
        figures.reported("backup over a slow line, whole", Files.size(file) / 1e6, "MB");
        figures.reported("backup over a slow line: how long it took", since(began), "s");
    }

    private static void fill(DSLContext sql, Path data, int count) {
        ContentFiles files = new ContentFiles(data.resolve("files"), new Contents(sql));
        PictureStore pictures = new PictureStore(sql);
        Random random = new Random(count);
        byte[] bytes = new byte[FILE];
        for (int i = 0; i < count; i++) {
            random.nextBytes(bytes);
            String sha256 = files.put(new ByteArrayInputStream(bytes), FILE).orElseThrow();
            pictures.keepsOriginal("shown from " + i, sha256);
        }
    }

    private static int count(Path data) throws IOException {
        try (var all = Files.walk(data.resolve("files"))) {
            return (int) all.filter(Files::isRegularFile).count();
        }
    }

    private static double since(long began) {
        return (System.nanoTime() - began) / 1e9;
    }

    private static void expect(boolean so, String otherwise) {
        if (!so) {
            throw new IllegalStateException(otherwise);
        }
    }
}
