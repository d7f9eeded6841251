package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.REEL;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import javax.sql.DataSource;
import org.jooq.DSLContext;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Component;

/**
 * What visitors may have, read by connections of its own: however many ask for whatever, those of the editor stay free.
 * What is live is read once and kept until a publication changes, so that names that nobody has cost no question.
 */
@Component
public class PublicStore implements DisposableBean {
    private static final int CONNECTIONS = 2;

    private record Slugs(long changes, Set<String> live) {}

    private final PublicationStore publications;
    private final HikariDataSource source;
    private final DSLContext sql;
    private final PublicationStore own;
    private volatile Slugs slugs = new Slugs(-1, Set.of());

    PublicStore(PublicationStore publications, DataSource editors) throws SQLException {
        HikariConfig config = new HikariConfig();
        editors.unwrap(HikariDataSource.class).copyStateTo(config);
        config.setPoolName("visitors");
        config.setMaximumPoolSize(CONNECTIONS);
        this.publications = publications;
        this.source = new HikariDataSource(config);
        this.sql = DSL.using(source, SQLDialect.SQLITE);
        this.own = new PublicationStore(sql);
    }

    /** A number that is another one after every change of what is live. */
    public long changes() {
        return publications.changes();
    }

    /** What is live at that slug, if anything is. */
    public Optional<Published> liveAt(String slug) {
        return isLive(slug) ? own.liveAt(slug) : Optional.empty();
    }

    /** Whether anything is live at that slug. */
    public boolean isLive(String slug) {
        long now = changes(); // read before the names, so that a change in between makes them stale
        Slugs known = slugs;
        if (known.changes() != now) {
            known = new Slugs(
                    now,
                    sql.select(REEL.SLUG)
                            .from(REEL)
                            .where(REEL.LIVE.isNotNull())
                            .fetchSet(REEL.SLUG));
            slugs = known;
        }
        return known.live().contains(slug);
    }

    /** The format of a file that visitors may have; empty for every other. */
    public Optional<String> format(String sha256) {
        return own.format(sha256);
    }

    @Override
    public void destroy() {
        source.close();
    }
}
