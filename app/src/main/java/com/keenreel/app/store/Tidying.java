package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.ORIGINAL;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_FILE;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_STAGE;
import static com.keenreel.app.store.sql.Tables.RENDITION;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.InitializingBean;
import org.springframework.stereotype.Component;

/**
 * Takes away, before anything is asked or worked on, what nobody knows of: halves of files, and files whose transaction
 * never came, once they are an hour old.
 */
@Component
class Tidying implements InitializingBean {
    private static final Duration OLD = Duration.ofHours(1);
    private static final Logger LOG = LoggerFactory.getLogger(Tidying.class);

    private final DSLContext sql;
    private final ContentFiles files;

    Tidying(DSLContext sql, ContentFiles files) {
        this.sql = sql;
        this.files = files;
    }

    @Override
    public void afterPropertiesSet() {
        int gone = files.tidy(Instant.now().minus(OLD), this::known);
        if (gone > 0) {
            LOG.info("{} files that nobody knew of are taken away.", gone);
        }
    }

    /** Which of those names of files are named in the database. */
    Set<String> known(Set<String> names) {
        Set<String> known = new HashSet<>();
        for (String name : names) {
            boolean kept = sql.fetchExists(
                            PICTURE_VERSION,
                            PICTURE_VERSION
                                    .SHA256
                                    .eq(name)
                                    .or(PICTURE_VERSION.COPY_SHA256.eq(name))
                                    .or(PICTURE_VERSION.VIDEO.eq(name)))
                    || sql.fetchExists(ORIGINAL, ORIGINAL.SHA256.eq(name))
                    || sql.fetchExists(RENDITION, VersionStore.isContent(DSL.val(name)))
                    || sql.fetchExists(PUBLICATION_FILE, PUBLICATION_FILE.SHA256.eq(name))
                    || sql.fetchExists(
                            PUBLICATION,
                            DSL.condition("instr({0}, {1}) > 0", PUBLICATION.FRAGMENT, name)
                                    .or("instr({0}, {1}) > 0", PUBLICATION.PAGE, name))
                    || sql.fetchExists(
                            PUBLICATION_STAGE,
                            DSL.condition("instr({0}, {1}) > 0", PUBLICATION_STAGE.FIRST_FILES, name));
            if (kept) {
                known.add(name);
            }
        }
        return known;
    }
}
