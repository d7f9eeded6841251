package com.keenreel.app.store;

import java.nio.file.Path;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.sqlite.SQLiteDataSource;

/** The file of a database that no application has open. */
final class DatabaseFile {
    private static final int PATIENCE = 30_000; // ms that one waits for another who writes

    private DatabaseFile() {}

    /** The database as it is. */
    static DSLContext opened(Path file) {
        return DSL.using(source(file), SQLDialect.SQLITE);
    }

    /** The database, brought to this release where an earlier one wrote it. */
    static DSLContext ofThisRelease(Path file) {
        SQLiteDataSource source = source(file);
        Flyway.configure().dataSource(source).load().migrate();
        return DSL.using(source, SQLDialect.SQLITE);
    }

    private static SQLiteDataSource source(Path file) {
        SQLiteDataSource source = new SQLiteDataSource();
        source.setUrl("jdbc:sqlite:" + file);
        source.setBusyTimeout(PATIENCE);
        return source;
    }
}
