package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.REEL;

import com.keenreel.core.edit.Refusal;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.DirectoryStream;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.sqlite.SQLiteDataSource;

/**
 * A whole data folder as one file: a ZIP with the database, as SQLite's {@code VACUUM INTO} writes it while others go on,
 * and the files by their content. Files never change and are kept before the database speaks of them, so that a file made
 * of the database first and the files then is of one moment.
 */
@Component
public class Backup {
    /** The database's name in a data folder. */
    static final String DATABASE = "keen-reel.db";

    private static final String FILES = "files";
    private static final String HALF = "backup-";
    private static final Pattern FILE = Pattern.compile(FILES + "/[0-9a-f]{2}/([0-9a-f]{64})");

    private final DSLContext sql;

    public Backup(DSLContext sql) {
        this.sql = sql;
    }

    /** The data folder of a process that does not run: for reading alone. */
    public static Backup of(Path data) {
        if (!Files.exists(data.resolve(DATABASE))) {
            throw new Refusal("The folder " + data + " has no data of Keen Reel.");
        }
        return new Backup(DSL.using(source(data.resolve(DATABASE)), SQLDialect.SQLITE));
    }

    private static SQLiteDataSource source(Path database) {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + database);
        source.setBusyTimeout(30_000);
        return source;
    }

    /** Takes away what a process left that ended while it made a backup. */
    public static void tidy(Path data) throws IOException {
        try (DirectoryStream<Path> halves = Files.newDirectoryStream(data, HALF + "*")) {
            for (Path half : halves) {
                delete(half);
            }
        }
    }

    /** Writes the folder to a stream, which is left open. */
    public void write(Path data, OutputStream to) throws IOException {
        Path scratch = Files.createTempDirectory(data, HALF);
        try {
            Path database = scratch.resolve(DATABASE);
            sql.execute("vacuum into ?", database.toString());
            ZipOutputStream zip = new ZipOutputStream(to);
            zip.setLevel(1); // pictures are compressed already
            put(zip, DATABASE, database);
            Path files = data.resolve(FILES);
            if (Files.exists(files)) {
                try (Stream<Path> all = Files.walk(files)) {
                    for (Path file : (Iterable<Path>) all::iterator) {
                        String name =
                                FILES + "/" + files.relativize(file).toString().replace('\\', '/');
                        if (FILE.matcher(name).matches()) {
                            put(zip, name, file);
                        }
                    }
                }
            }
            zip.finish();
        } finally {
            delete(scratch);
        }
    }

    private static void put(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    /**
     * Makes a data folder of such a file: whole, or not at all.
     *
     * @param data is made; it may be there when it is empty
     * @return how many reels are in it
     * @throws Refusal when the folder is not empty, or the file is no backup, or not whole
     */
    public static int restore(Path backup, Path data) throws IOException {
        Path folder = data.toAbsolutePath().normalize();
        if (Files.exists(folder) && !isEmpty(folder)) {
            throw new Refusal("The folder " + data + " is not empty. Restore into a new one with --data.");
        }
        Files.createDirectories(folder.getParent());
        Path scratch = Files.createTempDirectory(folder.getParent(), folder.getFileName() + "-");
        try {
            try (ZipInputStream zip = new ZipInputStream(new BufferedInputStream(Files.newInputStream(backup)))) {
                for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                    take(entry.getName(), zip, scratch);
                }
            }
            int reels = looked(scratch.resolve(DATABASE));
            Files.deleteIfExists(folder);
            Files.move(scratch, folder, StandardCopyOption.ATOMIC_MOVE);
            return reels;
        } finally {
            delete(scratch);
        }
    }

    private static void take(String name, InputStream from, Path scratch) throws IOException {
        var file = FILE.matcher(name);
        if (!name.equals(DATABASE) && !file.matches()) {
            throw new Refusal("This is no backup of Keen Reel: there is a file " + name + " in it.");
        }
        Path to = scratch.resolve(name);
        Files.createDirectories(to.getParent());
        Files.copy(from, to);
        if (file.matches() && !ContentFiles.sha256(to).equals(file.group(1))) {
            throw new Refusal("The backup is damaged: the file " + name + " is not what it was.");
        }
    }

    /** How many reels the database has, once it has been looked at whole. */
    private static int looked(Path database) {
        if (!Files.exists(database)) {
            throw new Refusal("This is no backup of Keen Reel, or not a whole one: it has no database.");
        }
        DSLContext sql = DSL.using(source(database), SQLDialect.SQLITE);
        List<Object> said = sql.fetch("pragma integrity_check").getValues(0, Object.class);
        if (!said.equals(List.of("ok"))) {
            throw new Refusal("The backup is damaged: its database says " + said.get(0) + ".");
        }
        return sql.fetchCount(REEL);
    }

    private static boolean isEmpty(Path folder) throws IOException {
        try (Stream<Path> there = Files.list(folder)) {
            return there.findAny().isEmpty();
        }
    }

    private static void delete(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                Files.delete(file);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path left, java.io.IOException failed) throws IOException {
                Files.delete(left);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
