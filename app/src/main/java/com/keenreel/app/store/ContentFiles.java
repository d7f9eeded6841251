package com.keenreel.app.store;

import com.keenreel.app.access.Settings;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * Files named by the SHA-256 of their content. When {@link #put} returns, the whole file is on the disk, and it stays until
 * somebody refers to it or an hour has passed.
 */
@Component
public class ContentFiles {
    private static final int SOME = 64 << 10; // bytes at once
    private static final String NAME = "[0-9a-f]{64}";

    private final Path folder;
    private final Contents contents;

    @Autowired
    ContentFiles(Settings settings, Contents contents) {
        this(settings.data().resolve("files"), contents);
    }

    /** In that folder, which is made when the first file comes. */
    ContentFiles(Path folder, Contents contents) {
        this.folder = folder;
        this.contents = contents;
    }

    /**
     * Keeps those bytes.
     *
     * @return their SHA-256
     */
    public String put(byte[] bytes) {
        String name = sha256(bytes);
        contents.claim(name, bytes.length);
        Path place = of(name);
        try {
            if (Files.exists(place)) {
                return name;
            }
            Path fresh = Files.createTempFile(home(), "fresh-", ".part");
            Files.write(fresh, bytes);
            settle(fresh, place);
            return name;
        } catch (IOException failed) {
            throw new UncheckedIOException("The file could not be kept: " + failed.getMessage(), failed);
        }
    }

    /**
     * Keeps what comes, which is never in memory as a whole.
     *
     * @param most bytes
     * @return its SHA-256; nothing where more comes than that
     */
    public Optional<String> put(InputStream coming, long most) {
        try {
            Path fresh = Files.createTempFile(home(), "fresh-", ".part");
            try {
                MessageDigest digest = digest();
                long all = 0;
                try (OutputStream kept = Files.newOutputStream(fresh)) {
                    byte[] some = new byte[SOME];
                    for (int read = coming.read(some); read >= 0; read = coming.read(some)) {
                        all += read;
                        if (all > most) {
                            return Optional.empty();
                        }
                        digest.update(some, 0, read);
                        kept.write(some, 0, read);
                    }
                }
                String name = name(digest);
                contents.claim(name, all);
                settle(fresh, of(name));
                return Optional.of(name);
            } finally {
                Files.deleteIfExists(fresh);
            }
        } catch (IOException failed) {
            throw new UncheckedIOException("The file could not be kept: " + failed.getMessage(), failed);
        }
    }

    private Path home() throws IOException {
        return Files.createDirectories(folder);
    }

    /** A whole file takes its place; what is there already is the same. */
    private void settle(Path fresh, Path place) throws IOException {
        try (FileChannel channel = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Path parent = Objects.requireNonNull(place.getParent());
        if (!Files.exists(parent)) {
            Files.createDirectories(parent);
            sync(folder);
        }
        Files.move(fresh, place, StandardCopyOption.ATOMIC_MOVE);
        sync(parent);
    }

    /** Makes sure that what stands in a folder outlives a loss of power. */
    static void sync(Path folder) throws IOException {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }

    /** Deletes the files to which nothing refers any more, later where they are held. Returns how many are gone. */
    int takeAway() {
        return contents.takeAway(sha256 -> {
            try {
                Files.deleteIfExists(of(sha256));
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        });
    }

    /** Keeps every file where it is until that is closed. */
    Contents.Held hold() {
        return contents.hold(this::takeAway);
    }

    /** Deletes what never became a whole file and was begun before that moment. */
    void takeHalvesAway(Instant before) {
        if (!Files.exists(folder)) {
            return;
        }
        try (DirectoryStream<Path> halves = Files.newDirectoryStream(folder, "*.part")) {
            for (Path half : halves) {
                if (half.toFile().lastModified() < before.toEpochMilli()) {
                    Files.deleteIfExists(half);
                }
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Looks at every file: those of which nobody knows go. */
    void releaseUnknown() {
        if (!Files.exists(folder)) {
            return;
        }
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, "??")) {
            for (Path part : parts) {
                try (Stream<Path> files = Files.list(part)) {
                    contents.releaseUnknown(files.map(file -> file.getFileName().toString())
                            .filter(name -> name.matches(NAME))
                            .toList());
                }
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Where the file of that content is, whether or not it exists. */
    public Path of(String sha256) {
        return in(folder, sha256);
    }

    /** The same in another folder of files. */
    static Path in(Path folder, String sha256) {
        if (!sha256.matches(NAME)) {
            throw new IllegalArgumentException("A file is named by 64 hexadecimal digits.");
        }
        return folder.resolve(sha256.substring(0, 2)).resolve(sha256);
    }

    /** The bytes of that content. */
    public byte[] read(String sha256) {
        try {
            return Files.readAllBytes(of(sha256));
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    private static String sha256(byte[] bytes) {
        MessageDigest digest = digest();
        digest.update(bytes);
        return name(digest);
    }

    /** By which contents are named. */
    static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }

    /** The name of the content that went through it. */
    static String name(MessageDigest digest) {
        return HexFormat.of().formatHex(digest.digest());
    }
}
