package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.CONTENT;

import com.keenreel.core.edit.Refusal;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jooq.Cursor;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/**
 * A whole data folder as one file: a ZIP with the database, as SQLite's {@code VACUUM INTO} writes it while others go on,
 * and every file that this database lists. Files never change, and are held meanwhile, so that all of it is of one moment.
 */
@Component
public class Backup {
    /** The database's name, in a data folder and in a backup. */
    static final String DATABASE = "keen-reel.db";

    /** The folder of the files, there too. */
    static final String FILES = "files";

    private static final String HALF = "backup-";

    private final DSLContext sql;
    private final ContentFiles files;

    Backup(DSLContext sql, ContentFiles files) {
        this.sql = sql;
        this.files = files;
    }

    /** Takes away what a process left that ended while it made a backup. */
    public static void tidy(Path data) throws IOException {
        try (DirectoryStream<Path> halves = Files.newDirectoryStream(data, HALF + "*")) {
            for (Path half : halves) {
                FileSystemUtils.deleteRecursively(half);
            }
        }
    }

    /**
     * Writes the data folder that this process uses to a stream, which is left open. Nothing is deleted for good meanwhile.
     *
     * @throws IOException when the stream is closed, or a file cannot be read: what was written until then is no backup
     */
    public void write(Path data, OutputStream to) throws IOException {
        try (Contents.Held held = files.hold()) {
            write(sql, data, to);
        }
    }

    /**
     * Writes a data folder that no process uses, of this release or an earlier one.
     *
     * @throws Refusal when there is none
     */
    public static void ofUnused(Path data, OutputStream to) throws IOException {
        if (!Files.exists(data.resolve(DATABASE))) {
            throw new Refusal("The folder " + data + " has no data of Keen Reel.");
        }
        write(DatabaseFile.opened(data.resolve(DATABASE)), data, to);
    }

    private static void write(DSLContext sql, Path data, OutputStream to) throws IOException {
        Path scratch = Files.createTempDirectory(data, HALF);
        try {
            Path database = scratch.resolve(DATABASE);
            sql.execute("vacuum into ?", database.toString());
            DSLContext copy = DatabaseFile.ofThisRelease(database);
            Contents.onlyReferred(copy);
            ZipOutputStream zip = new ZipOutputStream(to);
            zip.setLevel(Deflater.BEST_SPEED);
            zip.putNextEntry(new ZipEntry(DATABASE));
            Files.copy(database, zip);
            zip.closeEntry();
            zip.setLevel(Deflater.NO_COMPRESSION); // pictures are compressed already
            Path files = data.resolve(FILES);
            try (Cursor<Record1<String>> contents =
                    copy.select(CONTENT.SHA256).from(CONTENT).fetchLazy()) {
                for (Record1<String> content : contents) {
                    put(zip, content.value1(), files);
                }
            }
            zip.finish();
        } finally {
            FileSystemUtils.deleteRecursively(scratch);
        }
    }

    private static void put(ZipOutputStream zip, String sha256, Path files) throws IOException {
        zip.putNextEntry(new ZipEntry(nameOf(sha256)));
        var digest = ContentFiles.digest();
        try (InputStream file = Files.newInputStream(ContentFiles.in(files, sha256))) {
            new DigestInputStream(file, digest).transferTo(zip);
        } catch (NoSuchFileException missing) {
            throw new IOException("The file " + missing.getFile() + " is missing; no backup is made without it.");
        }
        if (!ContentFiles.name(digest).equals(sha256)) {
            throw new IOException(
                    "The file " + ContentFiles.in(files, sha256) + " is damaged; no backup is made with it.");
        }
        zip.closeEntry();
    }

    /** The name of a content in a backup. */
    static String nameOf(String sha256) {
        return FILES + "/" + sha256.substring(0, 2) + "/" + sha256;
    }
}
