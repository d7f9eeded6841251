package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.SETTING;

import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;
import org.jooq.DSLContext;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Takes away, beside everything else, what nothing refers to: what was brought and never settled, and halves of files. What
 * an earlier process left goes after the start, what this one leaves once it is an hour old.
 */
@Component
class Tidying {
    private static final Duration OLD = Duration.ofHours(1);
    private static final Logger LOG = LoggerFactory.getLogger(Tidying.class);

    /** The name under which is remembered that every file was looked at once. */
    private static final String LOOKED = "every file has a row";

    private final DSLContext sql;
    private final Contents contents;
    private final ContentFiles files;
    private final Instant began = Instant.now();

    Tidying(DSLContext sql, Contents contents, ContentFiles files) {
        this.sql = sql;
        this.contents = contents;
        this.files = files;
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void tidy() {
        Instant hourAgo = Instant.now().minus(OLD);
        tidy(began.isAfter(hourAgo) ? began : hourAgo);
    }

    /** Takes away what was begun before that moment. */
    void tidy(Instant before) {
        if (!sql.fetchExists(SETTING, SETTING.NAME.eq(LOOKED))) {
            files.releaseUnknown();
            sql.insertInto(SETTING)
                    .set(SETTING.NAME, LOOKED)
                    .set(SETTING.VALUE, "yes")
                    .onConflictDoNothing()
                    .execute();
        }
        contents.releaseForgotten(before);
        files.takeHalvesAway(before);
        int gone = files.takeAway();
        if (gone > 0) {
            LOG.info("{} files to which nothing referred are taken away.", gone);
        }
    }
}
