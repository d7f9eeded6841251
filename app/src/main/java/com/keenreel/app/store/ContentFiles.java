package com.keenreel.app.store;

import com.keenreel.app.access.Settings;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Files named by their content. What has been put is on the disk, whole, before {@link #put} returns. */
@Component
public class ContentFiles {
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
        if (Files.exists(place)) {
            return name;
        }
        try {
            Files.createDirectories(place.getParent());
            Path fresh = Files.createTempFile(place.getParent(), "fresh-", ".part");
            try (FileChannel channel = FileChannel.open(fresh, StandardOpenOption.WRITE)) {
                ByteBuffer rest = ByteBuffer.wrap(bytes);
                while (rest.hasRemaining()) {
                    channel.write(rest);
                }
                channel.force(true);
            }
            Files.move(fresh, place, StandardCopyOption.ATOMIC_MOVE);
            try (FileChannel parent = FileChannel.open(place.getParent(), StandardOpenOption.READ)) {
                parent.force(true);
            }
            return name;
        } catch (IOException failed) {
            throw new UncheckedIOException("The file could not be kept: " + failed.getMessage(), failed);
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
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
