package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.CONTENT;
import static com.keenreel.app.store.sql.Tables.ORIGINAL;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_FILE;
import static com.keenreel.app.store.sql.Tables.RENDITION;

import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * Which contents are kept, in one table. Whoever brings a content claims it before its file gets its name, so that no file
 * is without a row; what refers to it settles it in the same transaction. A content to which nothing refers any more is
 * leaving until its file is gone, and may be claimed again until then.
 */
@Component
class Contents {
    private static final String ARRIVING = "arriving";
    private static final String KEPT = "kept";
    private static final String LEAVING = "leaving";
    private static final int SOME = 100; // files that are deleted while others wait to write

    private final DSLContext sql;
    private final AtomicInteger held = new AtomicInteger();

    Contents(DSLContext sql) {
        this.sql = sql;
    }

    /** Somebody is about to refer to that content: from now on nothing takes its file away until it is settled. */
    void claim(String sha256, long bytes) {
        long now = System.currentTimeMillis();
        sql.insertInto(CONTENT)
                .set(CONTENT.SHA256, sha256)
                .set(CONTENT.BYTES, bytes)
                .set(CONTENT.STATE, ARRIVING)
                .set(CONTENT.CLAIMED_AT, now)
                .onConflict(CONTENT.SHA256)
                .doUpdate()
                .set(CONTENT.BYTES, bytes)
                .set(CONTENT.STATE, ARRIVING)
                .set(CONTENT.CLAIMED_AT, now)
                .execute();
    }

    /** In this transaction something refers to those contents, or did already; one to which nothing does stays claimed. */
    static void settle(DSLContext tx, Collection<String> contents) {
        tx.update(CONTENT)
                .set(CONTENT.STATE, KEPT)
                .where(CONTENT.SHA256.in(contents), CONTENT.STATE.eq(ARRIVING))
                .andNot(nothingRefers())
                .execute();
    }

    /**
     * In this transaction something ceased to refer to those contents: those to which nothing else refers leave. One that
     * somebody has claimed since stays.
     */
    static void release(DSLContext tx, Collection<String> contents) {
        tx.update(CONTENT)
                .set(CONTENT.STATE, LEAVING)
                .where(CONTENT.SHA256.in(contents), CONTENT.STATE.eq(KEPT))
                .and(nothingRefers())
                .execute();
    }

    /** What was claimed before that moment and never settled leaves, unless something refers to it: then it is settled. */
    void releaseForgotten(Instant before) {
        Condition forgotten = unsettled(ARRIVING).and(CONTENT.CLAIMED_AT.lt(before.toEpochMilli()));
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.update(CONTENT)
                    .set(CONTENT.STATE, LEAVING)
                    .where(forgotten)
                    .and(nothingRefers())
                    .execute();
            tx.update(CONTENT).set(CONTENT.STATE, KEPT).where(forgotten).execute();
        });
    }

    /** Of that state, asked so that the few that are not kept are found by their own index. */
    private static Condition unsettled(String state) {
        return CONTENT.STATE.ne(DSL.inline(KEPT)).and(CONTENT.STATE.eq(state));
    }

    private static Condition nothingRefers() {
        return DSL.notExists(DSL.selectOne().from(RENDITION).where(VersionStore.isContent(CONTENT.SHA256)))
                .and(nothingIn(PUBLICATION_FILE, PUBLICATION_FILE.SHA256))
                .and(nothingIn(PICTURE_VERSION, PICTURE_VERSION.SHA256))
                .and(nothingIn(PICTURE_VERSION, PICTURE_VERSION.COPY_SHA256))
                .and(nothingIn(PICTURE_VERSION, PICTURE_VERSION.VIDEO))
                .and(nothingIn(ORIGINAL, ORIGINAL.SHA256));
    }

    private static Condition nothingIn(Table<?> table, Field<String> content) {
        return DSL.notExists(DSL.selectOne().from(table).where(content.eq(CONTENT.SHA256)));
    }

    /** Keeps every file where it is until it is closed. */
    interface Held extends AutoCloseable {
        @Override
        void close();
    }

    /** Keeps every file where it is; each time that one who asked for it is ready, {@code after} is done. */
    Held hold(Runnable after) {
        held.incrementAndGet();
        return () -> {
            held.decrementAndGet();
            after.run();
        };
    }

    /**
     * Takes away what is leaving, unless files are held, some at a time. Nobody can claim a content while its file is deleted.
     *
     * @param delete deletes the file of a content
     * @return how many are gone
     */
    int takeAway(Consumer<String> delete) {
        int gone = 0;
        int now;
        do {
            now = sql.transactionResult(inside -> {
                if (held.get() > 0) {
                    return 0;
                }
                DSLContext tx = DSL.using(inside);
                List<String> some = tx.select(CONTENT.SHA256)
                        .from(CONTENT)
                        .where(unsettled(LEAVING))
                        .limit(SOME)
                        .fetch(CONTENT.SHA256);
                some.forEach(delete);
                tx.deleteFrom(CONTENT).where(CONTENT.SHA256.in(some)).execute();
                return some.size();
            });
            gone += now;
        } while (now == SOME);
        return gone;
    }

    /** There are files of those contents. What has no row, because an earlier release left it, leaves. */
    void releaseUnknown(Collection<String> names) {
        Set<String> unknown = new HashSet<>(names);
        unknown.removeAll(sql.select(CONTENT.SHA256)
                .from(CONTENT)
                .where(CONTENT.SHA256.in(names))
                .fetchSet(CONTENT.SHA256));
        unknown.forEach(name -> sql.insertInto(CONTENT)
                .set(CONTENT.SHA256, name)
                .set(CONTENT.STATE, LEAVING)
                .set(CONTENT.CLAIMED_AT, 0L)
                .onConflictDoNothing()
                .execute());
    }

    /** Leaves only those contents in a copy of the database to which something refers there, whoever is bringing them again. */
    static void onlyReferred(DSLContext copy) {
        copy.deleteFrom(CONTENT)
                .where(CONTENT.STATE.ne(DSL.inline(KEPT)))
                .and(nothingRefers())
                .execute();
        copy.update(CONTENT)
                .set(CONTENT.STATE, KEPT)
                .where(CONTENT.STATE.ne(DSL.inline(KEPT)))
                .execute();
    }
}
