package com.keenreel.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A data folder belongs to one process at a time. The operating system lets go of it when the process ends, however. */
public final class InUse implements AutoCloseable {
    private final FileChannel channel;

    /** Another process has a folder. */
    public static final class Taken extends RuntimeException {
        public Taken(Path data) {
            super("Another Keen Reel has the data folder " + data
                    + ". Stop it first, or choose another folder with --data.");
        }
    }

    private InUse(FileChannel channel) {
        this.channel = channel;
    }

    private static Path mark(Path data) {
        return data.resolve("in-use");
    }

    /**
     * Takes a folder.
     *
     * @param origin where its process can be asked; empty when it answers nothing
     * @return empty when another process has it
     */
    public static Optional<InUse> take(Path data, String origin) throws IOException {
        Files.createDirectories(data);
        FileChannel channel = FileChannel.open(mark(data), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        if (locked(channel) == null) {
            channel.close();
            return Optional.empty();
        }
        channel.truncate(0);
        channel.write(ByteBuffer.wrap(origin.getBytes(StandardCharsets.UTF_8)));
        channel.force(true);
        return Optional.of(new InUse(channel));
    }

    private static @Nullable FileLock locked(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException byOurselves) {
            return null;
        }
    }

    /** Where the process that has a folder can be asked. */
    public static String origin(Path data) throws IOException {
        return Files.readString(mark(data));
    }

    /** Gives the folder back: another process may take it. */
    public void letGo() {
        try {
            channel.close();
        } catch (IOException closed) {
            throw new UncheckedIOException(closed);
        }
    }

    @Override
    public void close() {
        letGo();
    }
}
