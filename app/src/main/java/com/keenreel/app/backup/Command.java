package com.keenreel.app.backup;

import com.keenreel.app.access.EditorKey;
import com.keenreel.app.store.Backup;
import com.keenreel.app.store.InUse;
import com.keenreel.core.edit.Refusal;
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
import java.nio.file.StandardCopyOption;
import java.util.Optional;

/** What can be asked for beside starting: {@code backup FILE} and {@code restore FILE}. */
public final class Command {
    private Command() {}

    /** Carries out the command and prints what was done, or why it could not be done; returns the exit code, 0 or 1. */
    public static int run(String what, Path file, Path data) {
        try {
            if (what.equals("backup")) {
                backup(file, data);
                System.out.println(
                        "Everything in " + data + " is in " + file + ", " + Files.size(file) / 1000 + " kB.");
            } else {
                int reels = Backup.restore(file, data);
                System.out.println(data + " has everything that was in " + file + ": " + reels + " reels.");
            }
            return 0;
        } catch (Refusal refused) {
            System.err.println(refused.getMessage());
        } catch (IOException | RuntimeException failed) {
            System.err.println("That could not be done: " + failed.getMessage());
        }
        return 1;
    }

    /** Writes the backup under another name first, so that a file of the name that was asked for is always whole. */
    private static void backup(Path file, Path data) throws IOException {
        Path half = file.resolveSibling(file.getFileName() + ".part");
        try {
            try (OutputStream to = Files.newOutputStream(half)) {
                Optional<InUse> ours = Files.exists(data) ? InUse.take(data, "") : Optional.empty();
                if (ours.isPresent() || !Files.exists(data)) {
                    try (InUse held = ours.orElse(null)) {
                        Backup.of(data).write(data, to);
                    }
                } else {
                    ask(InUse.origin(data), EditorKey.read(data), to);
                }
            }
            Files.move(half, file, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(half);
        }
    }

    /** Asks the process that uses the folder for its backup. */
    private static void ask(String origin, String key, OutputStream to) throws IOException {
        try {
            HttpResponse<InputStream> answer = HttpClient.newHttpClient()
                    .send(
                            HttpRequest.newBuilder(URI.create(origin + "/backup"))
                                    .header(
                                            "Cookie",
                                            EditorKey.cookieOf(
                                                            URI.create(origin).getPort()) + "=" + key)
                                    .build(),
                            BodyHandlers.ofInputStream());
            if (answer.statusCode() != 200) {
                throw new Refusal("Keen Reel at " + origin + " answered " + answer.statusCode() + ".");
            }
            answer.body().transferTo(to);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException(stopped);
        }
    }
}
