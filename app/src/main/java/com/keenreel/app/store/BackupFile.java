package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.CONTENT;
import static com.keenreel.app.store.sql.Tables.REEL;

import com.keenreel.core.edit.Refusal;
import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import org.flywaydb.core.api.FlywayException;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.springframework.util.FileSystemUtils;

/** A backup of this release or an earlier one: read whole, or made a data folder again. */
public final class BackupFile {
    private static final Pattern CONTENT_NAME = Pattern.compile(Backup.FILES + "/[0-9a-f]{2}/([0-9a-f]{64})");

    private final Path file;

    public BackupFile(Path file) {
        this.file = file;
    }

    /**
     * Reads all of it.
     *
     * @throws Refusal when it is no backup, or not whole
     */
    public void check() throws IOException {
        Path folder = Objects.requireNonNull(file.toAbsolutePath().getParent());
        Path scratch = Files.createTempDirectory(folder, file.getFileName() + "-");
        try {
            read(scratch, false);
        } finally {
            FileSystemUtils.deleteRecursively(scratch);
        }
    }

    /**
     * Makes a data folder of it, whole and safe from a loss of power, or not at all.
     *
     * @param data is made; it may be there when it is empty
     * @return how many reels are in it
     * @throws Refusal when the folder is not empty, or the file is no backup, or not whole
     */
    public int restore(Path data) throws IOException {
        Path folder = data.toAbsolutePath().normalize();
        if (Files.exists(folder) && !isEmpty(folder)) {
            throw new Refusal("The folder " + data + " is not empty. Restore into a new one with --data.");
        }
        Path parent = Objects.requireNonNull(folder.getParent());
        Files.createDirectories(parent);
        Path scratch = Files.createTempDirectory(parent, folder.getFileName() + "-");
        try {
            DSLContext database = read(scratch, true);
            int reels = database.fetchCount(REEL);
            try (Stream<Path> all = Files.walk(scratch)) {
                for (Path folderInside : (Iterable<Path>) all.filter(Files::isDirectory)::iterator) {
                    ContentFiles.sync(folderInside);
                }
            }
            Files.deleteIfExists(folder);
            Files.move(scratch, folder, StandardCopyOption.ATOMIC_MOVE);
            ContentFiles.sync(parent);
            return reels;
        } finally {
            FileSystemUtils.deleteRecursively(scratch);
        }
    }

    private static boolean isEmpty(Path folder) throws IOException {
        try (Stream<Path> there = Files.list(folder)) {
            return there.findAny().isEmpty();
        }
    }

    /** Reads every entry; keeps the database in that folder, and the other files too where they are asked for. */
    private DSLContext read(Path folder, boolean whole) throws IOException {
        Set<String> found = new HashSet<>();
        try (ZipInputStream zip = new ZipInputStream(new BufferedInputStream(Files.newInputStream(file)))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                var content = CONTENT_NAME.matcher(name);
                if (name.equals(Backup.DATABASE)) {
                    keep(zip, folder.resolve(name));
                } else if (content.matches()) {
                    String sha256 = content.group(1);
                    var digest = ContentFiles.digest();
                    DigestInputStream read = new DigestInputStream(zip, digest);
                    if (whole) {
                        keep(read, folder.resolve(name));
                    } else {
                        read.transferTo(OutputStream.nullOutputStream());
                    }
                    if (!ContentFiles.name(digest).equals(sha256)) {
                        throw new Refusal("The backup is damaged: the file " + name + " is not what it was.");
                    }
                    found.add(sha256);
                } else {
                    throw new Refusal("This is no backup of Keen Reel: there is a file " + name + " in it.");
                }
            }
        } catch (ZipException | EOFException cut) {
            throw new Refusal("The backup is damaged, or not whole: it ends early.");
        }
        DSLContext database = database(folder.resolve(Backup.DATABASE));
        refuseMissing(database, found);
        return database;
    }

    private static void keep(InputStream from, Path to) throws IOException {
        Files.createDirectories(Objects.requireNonNull(to.getParent()));
        try (FileChannel channel = FileChannel.open(to, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            from.transferTo(Channels.newOutputStream(channel));
            channel.force(true);
        }
    }

    /** The database, once it has been looked at whole, brought to this release. */
    private static DSLContext database(Path file) {
        if (!Files.exists(file)) {
            throw new Refusal("This is no backup of Keen Reel, or not a whole one: it has no database.");
        }
        List<Object> said =
                DatabaseFile.opened(file).fetch("pragma integrity_check").getValues(0, Object.class);
        if (!said.equals(List.of("ok"))) {
            throw new Refusal("The backup is damaged: its database says " + said.get(0) + ".");
        }
        try {
            return DatabaseFile.ofThisRelease(file);
        } catch (FlywayException foreign) {
            throw new Refusal("The database of this backup cannot be read by this release of Keen Reel.");
        }
    }

    private static void refuseMissing(DSLContext database, Set<String> found) {
        int missing = 0;
        String one = "";
        try (Cursor<Record1<String>> contents =
                database.select(CONTENT.SHA256).from(CONTENT).fetchLazy()) {
            for (Record1<String> content : contents) {
                if (!found.contains(content.value1())) {
                    missing++;
                    one = Backup.nameOf(content.value1());
                }
            }
        }
        if (missing > 0) {
            throw new Refusal("The backup is not whole: " + missing + (missing == 1 ? " file is" : " files are")
                    + " missing, such as " + one + ".");
        }
    }
}
