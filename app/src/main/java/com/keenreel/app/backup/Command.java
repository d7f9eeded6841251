package com.keenreel.app.backup;

import static java.nio.file.StandardOpenOption.CREATE;
import static java.nio.file.StandardOpenOption.TRUNCATE_EXISTING;
import static java.nio.file.StandardOpenOption.WRITE;

import com.keenreel.app.access.EditorKey;
import com.keenreel.app.store.Backup;
import com.keenreel.app.store.BackupFile;
import com.keenreel.app.store.InUse;
import com.keenreel.core.edit.Refusal;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;

/** What can be asked for beside starting: {@code backup FILE} and {@code restore FILE}. */
public final class Command {
    private static final int SOME = 1 << 16; // bytes that are written at once

    private Command() {}

    /** Carries out the command and prints what was done, or why it could not be done; returns the exit code, 0 or 1. */
    public static int run(String what, Path file, Path data) {
        try {
            if (what.equals("backup")) {
                backup(file, data);
                System.out.println(
                        "Everything in " + data + " is in " + file + ", " + Files.size(file) / 1000 + " kB.");
            } else {
                int reels = new BackupFile(file).restore(data);
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

    /** Writes the backup under another name and reads it whole, so that a file of the name that was asked for is a backup. */
    private static void backup(Path file, Path data) throws IOException {
        Path half = file.resolveSibling(file.getFileName() + ".part");
        try {
            try (FileChannel channel = FileChannel.open(half, CREATE, TRUNCATE_EXISTING, WRITE);
                    OutputStream to = new BufferedOutputStream(Channels.newOutputStream(channel), SOME)) {
                Optional<InUse> ours = Files.exists(data) ? InUse.take(data, "") : Optional.empty();
                if (ours.isPresent() || !Files.exists(data)) {
                    try (InUse held = ours.orElse(null)) {
                        Backup.ofUnused(data, to);
                    }
                } else {
                    ask(InUse.origin(data), EditorKey.read(data), to);
                }
                to.flush();
                channel.force(true);
            }
            new BackupFile(half).check();
            Files.move(half, file, StandardCopyOption.ATOMIC_MOVE);
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
            try (InputStream coming = answer.body()) {
                coming.transferTo(to);
            } catch (IOException cut) {
                throw new IOException(
                        "Keen Reel at " + origin + " broke off; its log tells why. " + cut.getMessage(), cut);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException(stopped);
        }
    }
}
