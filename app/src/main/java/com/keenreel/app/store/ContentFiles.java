package com.keenreel.app.store;

import com.keenreel.app.access.Settings;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Files named by the SHA-256 of their content. When {@link #put} returns, the whole file is on the disk. */
@Component
public class ContentFiles {
    private static final int SOME = 64 << 10; // bytes at once

    private final Path folder;

    @Autowired
    ContentFiles(Settings settings) {
        this(settings.data().resolve("files"));
    }

    /** In that folder, which is made when the first file comes. */
    ContentFiles(Path folder) {
        this.folder = folder;
    }

    /**
     * Keeps those bytes.
     *
     * @return their SHA-256
     */
    public String put(byte[] bytes) {
        String name = sha256(bytes);
        Path place = of(name);
        try {
            if (Files.exists(place)) {
                Files.setLastModifiedTime(place, FileTime.from(Instant.now())); // somebody is about to speak of it
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
                try (OutputStream kept = Files.newOutputStream(fresh)) {
                    byte[] some = new byte[SOME];
                    long all = 0;
                    for (int read = coming.read(some); read >= 0; read = coming.read(some)) {
                        all += read;
                        if (all > most) {
                            return Optional.empty();
                        }
                        digest.update(some, 0, read);
                        kept.write(some, 0, read);
                    }
                }
                String name = HexFormat.of().formatHex(digest.digest());
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
    private static void sync(Path folder) throws IOException {
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }

    /**
     * Takes away halves of files and files that nobody knows of.
     *
     * @param before what changed later stays
     * @param known tells which of some names are known
     * @return how many are gone
     */
    int tidy(Instant before, UnaryOperator<Set<String>> known) {
        if (!Files.exists(folder)) {
            return 0;
        }
        try (Stream<Path> all = Files.walk(folder, 2)) {
            List<Path> old = all.filter(Files::isRegularFile)
                    .filter(file -> file.toFile().lastModified() < before.toEpochMilli())
                    .toList();
            Set<String> wholes = old.stream()
                    .map(file -> file.getFileName().toString())
                    .filter(name -> name.matches("[0-9a-f]{64}"))
                    .collect(Collectors.toSet());
            wholes.removeAll(known.apply(wholes));
            int gone = 0;
            for (Path file : old) {
                String name = file.getFileName().toString();
                if (wholes.contains(name) || name.endsWith(".part")) {
                    Files.delete(file);
                    gone++;
                }
            }
            return gone;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Takes a file away, if it is there. */
    void delete(String sha256) {
        try {
            Files.deleteIfExists(of(sha256));
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** Where the file of that content is, whether or not it exists. */
    public Path of(String sha256) {
        if (!sha256.matches("[0-9a-f]{64}")) {
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

    static String sha256(byte[] bytes) {
        return HexFormat.of().formatHex(digest().digest(bytes));
    }

    /** The content of a file, which may be large, as {@link #sha256} names it. */
    static String sha256(Path file) throws IOException {
        MessageDigest digest = digest();
        try (InputStream in = Files.newInputStream(file)) {
            in.transferTo(new DigestOutputStream(OutputStream.nullOutputStream(), digest));
        }
        return HexFormat.of().formatHex(digest.digest());
    }

    private static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
