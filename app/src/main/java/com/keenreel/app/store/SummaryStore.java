package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.REEL;
import static com.keenreel.app.store.sql.Tables.REVISION;
import static com.keenreel.app.store.sql.Tables.SOFT_PICTURE;
import static com.keenreel.app.store.sql.Tables.SUMMARY;

import com.keenreel.app.document.Packed;
import com.keenreel.app.store.Summary.State;
import com.keenreel.core.reel.PictureId;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Summaries of reels, and lists of reels by them: no document is read for a list. */
@Component
public class SummaryStore {
    /** The same text as {@link StoredReel#state}. */
    private static final Field<String> STATE_NOW = DSL.concat(
            REEL.HEAD.cast(String.class),
            DSL.inline("."),
            REEL.CHANGED_AT.cast(String.class),
            DSL.inline("."),
            DSL.coalesce(REEL.LIVE, DSL.inline("null")));

    private final DSLContext sql;

    public SummaryStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A reel whose summary is missing, or of an earlier state.
     *
     * @param state the state that it is in
     */
    public record Stale(String reel, String name, String state) {}

    /** All reels whose summary is missing, or of an earlier state than the reel. */
    public List<Stale> stale() {
        return stale(SUMMARY.MADE_OF.isNull().or(SUMMARY.MADE_OF.ne(STATE_NOW)));
    }

    /** Those whose summary was made by another build than that, which may say or draw it otherwise. */
    public List<Stale> notMadeBy(String build) {
        return stale(SUMMARY.MADE_BY.isNull().or(SUMMARY.MADE_BY.ne(build)));
    }

    private List<Stale> stale(Condition which) {
        return sql.select(REEL.ID, REEL.NAME, STATE_NOW)
                .from(REEL)
                .leftJoin(SUMMARY)
                .on(SUMMARY.REEL_ID.eq(REEL.ID))
                .where(which)
                .orderBy(REEL.MADE_AT.desc())
                .fetch(row -> new Stale(row.value1(), row.value2(), row.value3()));
    }

    /** Keeps a summary in place of the former one; of a reel that is gone meanwhile, none. */
    public void put(Summary summary, String build) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            if (!tx.fetchExists(REEL, REEL.ID.eq(summary.reel()))) {
                return;
            }
            tx.deleteFrom(SUMMARY).where(SUMMARY.REEL_ID.eq(summary.reel())).execute();
            tx.insertInto(SUMMARY)
                    .set(SUMMARY.REEL_ID, summary.reel())
                    .set(SUMMARY.MADE_OF, summary.madeOf())
                    .set(SUMMARY.MADE_BY, build)
                    .set(SUMMARY.SOUGHT, Sought.of(summary.name()))
                    .set(SUMMARY.STATE, summary.state().word())
                    .set(SUMMARY.SAYS, summary.says())
                    .set(SUMMARY.STRIP, Packed.pack(summary.strip()))
                    .set(SUMMARY.CHANGED_AT, summary.changedAt())
                    .execute();
            tx.deleteFrom(SOFT_PICTURE)
                    .where(SOFT_PICTURE.REEL_ID.eq(summary.reel()))
                    .execute();
            for (PictureId picture : summary.soft()) {
                tx.insertInto(SOFT_PICTURE)
                        .set(SOFT_PICTURE.REEL_ID, summary.reel())
                        .set(SOFT_PICTURE.PICTURE_ID, picture.value())
                        .onConflictDoNothing()
                        .execute();
            }
        });
    }

    /**
     * Which reels somebody wants to see.
     *
     * @param text words that must all be in the name
     * @param state null for all
     * @param binned those in the bin instead of the others
     * @param byName in the order of names instead of changed last first
     */
    public record Wanted(String text, @Nullable State state, boolean binned, boolean byName) {}

    /**
     * A reel in a list.
     *
     * @param revision the head's number
     * @param liveRevision the number of the revision that is live; null when none is
     */
    public record Listed(
            String id,
            String slug,
            String name,
            long revision,
            @Nullable Long liveRevision,
            State state,
            String says,
            String strip,
            long changedAt) {}

    /**
     * A page of a list.
     *
     * @param total how many there are in all that are wanted
     */
    public record Page(List<Listed> reels, int total) {}

    /** A page of those that are wanted, by their newest summaries. */
    public Page find(Wanted wanted, int from, int most) {
        Condition which = condition(wanted);
        int total = sql.selectCount()
                .from(REEL)
                .join(SUMMARY)
                .on(SUMMARY.REEL_ID.eq(REEL.ID))
                .where(which)
                .fetchSingle()
                .value1();
        List<Listed> page = sql.select(
                        REEL.ID,
                        REEL.SLUG,
                        REEL.NAME,
                        REEL.HEAD,
                        PUBLICATION.REVISION,
                        SUMMARY.STATE,
                        SUMMARY.SAYS,
                        SUMMARY.STRIP,
                        SUMMARY.CHANGED_AT)
                .from(REEL)
                .join(SUMMARY)
                .on(SUMMARY.REEL_ID.eq(REEL.ID))
                .leftJoin(PUBLICATION)
                .on(PUBLICATION.ID.eq(REEL.LIVE))
                .where(which)
                .orderBy(order(wanted), REEL.ID.asc())
                .limit(most)
                .offset(from)
                .fetch(row -> new Listed(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        row.value4(),
                        row.value5(),
                        State.valueOf(row.value6().toUpperCase(Locale.ROOT)),
                        row.value7(),
                        Packed.unpack(row.value8()),
                        row.value9()));
        return new Page(page, total);
    }

    private static Condition condition(Wanted wanted) {
        Condition which = wanted.binned() ? REEL.BINNED_AT.isNotNull() : REEL.BINNED_AT.isNull();
        State state = wanted.state();
        which = state == null ? which : which.and(SUMMARY.STATE.eq(state.word()));
        return which.and(Sought.in(SUMMARY.SOUGHT, wanted.text()));
    }

    private static SortField<?> order(Wanted wanted) {
        return wanted.byName()
                ? SUMMARY.SOUGHT.asc()
                : wanted.binned() ? REEL.BINNED_AT.desc() : SUMMARY.CHANGED_AT.desc();
    }

    /** When the head of a reel was made, ms since 1970; of one that cannot be read too. */
    public long changedAt(String reel) {
        return sql.select(REVISION.MADE_AT)
                .from(REVISION)
                .join(REEL)
                .on(REEL.ID.eq(REVISION.REEL_ID), REEL.HEAD.eq(REVISION.NUMBER))
                .where(REEL.ID.eq(reel))
                .fetchOptional(REVISION.MADE_AT)
                .orElse(0L);
    }

    /** The pictures that some reel outside the bin shows larger than they are. */
    public Set<PictureId> soft() {
        return Set.copyOf(sql.selectDistinct(SOFT_PICTURE.PICTURE_ID)
                .from(SOFT_PICTURE)
                .join(REEL)
                .on(REEL.ID.eq(SOFT_PICTURE.REEL_ID))
                .where(REEL.BINNED_AT.isNull())
                .fetch(row -> new PictureId(row.value1())));
    }
}
