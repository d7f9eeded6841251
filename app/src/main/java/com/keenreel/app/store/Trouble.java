package com.keenreel.app.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.jooq.exception.DataAccessException;
import org.sqlite.SQLiteException;

/**
 * What is wrong with the disk or the database, as somebody can be told; what was asked for was not done, wholly.
 *
 * @see <a href="https://sqlite.org/rescode.html">the result codes of SQLite</a>
 */
public enum Trouble {
    FULL(
            507,
            "The disk is full. This was not kept; everything that was here before still is. Make room, then try again.",
            "The disk is full. It goes on once there is room."),
    BUSY(
            503,
            "The database is in use by something else. This was not kept; try again in a moment.",
            "The database is in use by something else. It goes on once that is ready."),
    CLOSED(
            500,
            "The data folder cannot be written to. This was not kept; give Keen Reel rights to it, look after its disk, then"
                    + " try again.",
            "The data folder cannot be written to. It goes on once it can."),
    FILE_GONE(
            500,
            "A file is missing in the data folder: it was moved or deleted by something else. A backup has it.",
            "Its file is missing in the data folder. It goes on once the file is there again."),
    DAMAGED(
            500,
            "The database is damaged. Stop Keen Reel, keep the folder as it is, and restore a backup elsewhere.",
            "The database is damaged. Restore a backup."),
    UNKNOWN(
            500,
            "Something went wrong in Keen Reel. This was not kept; everything that was here before still is.",
            "Something went wrong in Keen Reel. It is tried again.");

    private final int status;
    private final String sentence;
    private final String passes;

    Trouble(int status, String sentence, String passes) {
        this.status = status;
        this.sentence = sentence;
        this.passes = passes;
    }

    /** The HTTP status that says so. */
    public int status() {
        return status;
    }

    /** What can be said to anybody. */
    public String sentence() {
        return sentence;
    }

    /** What can be said of work that waits until it is over. */
    public String passes() {
        return passes;
    }

    /** What went wrong, by what the database or the file system said of it; empty when it was neither of them. */
    public static Optional<Trouble> of(Throwable failed) {
        for (Throwable cause = failed; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLiteException refused) {
                return Optional.of(of(refused));
            } else if (cause instanceof SQLTransientConnectionException) {
                return Optional.of(BUSY);
            } else if (cause instanceof NoSuchFileException) {
                return Optional.of(FILE_GONE);
            } else if (cause instanceof IOException io
                    && String.valueOf(io.getMessage()).contains("No space left")) {
                return Optional.of(FULL);
            } else if (cause instanceof FileSystemException) {
                return Optional.of(CLOSED);
            }
        }
        boolean stored = failed instanceof DataAccessException
                || failed instanceof org.springframework.dao.DataAccessException
                || failed instanceof UncheckedIOException;
        return stored ? Optional.of(UNKNOWN) : Optional.empty();
    }

    private static Trouble of(SQLiteException refused) {
        String code = refused.getResultCode().name(); // an extended code begins with its primary one
        if (code.startsWith("SQLITE_FULL")) {
            return FULL;
        } else if (code.startsWith("SQLITE_BUSY") || code.startsWith("SQLITE_LOCKED")) {
            return BUSY;
        } else if (code.startsWith("SQLITE_IOERR")
                || code.startsWith("SQLITE_READONLY")
                || code.startsWith("SQLITE_CANTOPEN")
                || code.startsWith("SQLITE_PERM")) {
            return CLOSED;
        } else if (code.startsWith("SQLITE_CORRUPT") || code.startsWith("SQLITE_NOTADB")) {
            return DAMAGED;
        }
        return UNKNOWN;
    }
}
