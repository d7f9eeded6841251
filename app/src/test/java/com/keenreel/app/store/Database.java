package com.keenreel.app.store;

import java.nio.file.Path;
import java.util.Properties;
import org.flywaydb.core.Flyway;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** A real SQLite file with the application's own schema and settings, and no application around it. */
public final class Database {
    private Database() {}

    /** A new file in that folder. */
    public static DSLContext made(Path folder) {
        Flyway.configure().dataSource(source(folder)).load().migrate();
        return opened(folder);
    }

    /** The file that is there. */
    public static DSLContext opened(Path folder) {
        return DSL.using(source(folder), SQLDialect.SQLITE);
    }

    /** The files of that folder, as that database knows them. */
    public static ContentFiles files(DSLContext sql, Path folder) {
        return new ContentFiles(folder.resolve("files"), new Contents(sql));
    }

    private static SQLiteDataSource source(Path folder) {
        Properties settings = new Properties();
        settings.setProperty("journal_mode", "WAL");
        settings.setProperty("foreign_keys", "true");
        settings.setProperty("busy_timeout", "5000");
        settings.setProperty("synchronous", "FULL");
        settings.setProperty("transaction_mode", "IMMEDIATE");
        SQLiteDataSource source = new SQLiteDataSource(new SQLiteConfig(settings));
        source.setUrl("jdbc:sqlite:" + folder.resolve("keen-reel.db"));
        return source;
    }
}
