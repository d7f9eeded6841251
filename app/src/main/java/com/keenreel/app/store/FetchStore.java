package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.FETCHED;
import static com.keenreel.app.store.sql.Tables.REEL;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** On which pages reels were seen lately. Of a page its origin and path are kept, of its visitors nothing. */
@Component
public class FetchStore {
    /** How long a page is remembered after it was last seen. */
    public static final Duration KEPT = Duration.ofDays(30);

    /** How many pages of one reel are remembered; of more the ones seen last. */
    public static final int MOST = 200;

    private final DSLContext sql;

    public FetchStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A page that showed a reel.
     *
     * @param slug names the reel in its address
     * @param page origin and path
     * @param publication what it got; empty for nothing, because the reel was taken down
     * @param framed whether it showed it in a frame
     * @param at when it was last seen, ms since 1970
     */
    public record Seen(String slug, String page, String publication, boolean framed, long at) {}

    /** Keeps those pages and forgets what is too old or too much, in one transaction. */
    public void put(Collection<Seen> pages) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.deleteFrom(FETCHED)
                    .where(FETCHED.AT.lt(System.currentTimeMillis() - KEPT.toMillis()))
                    .execute();
            for (Seen seen : pages) {
                tx.select(REEL.ID)
                        .from(REEL)
                        .where(REEL.SLUG.eq(seen.slug()))
                        .fetchOptional(REEL.ID)
                        .ifPresent(reel -> put(tx, reel, seen));
            }
        });
    }

    /** Where as many are known as are kept, others wait until one is forgotten: nobody can crowd out those that are there. */
    private static void put(DSLContext tx, String reel, Seen seen) {
        int others = tx.fetchCount(FETCHED, FETCHED.REEL_ID.eq(reel), FETCHED.PAGE.ne(seen.page()));
        if (others >= MOST) {
            return;
        }
        tx.insertInto(FETCHED)
                .set(FETCHED.REEL_ID, reel)
                .set(FETCHED.PAGE, seen.page())
                .set(FETCHED.PUBLICATION_ID, seen.publication())
                .set(FETCHED.WAY, seen.framed() ? "frame" : "element")
                .set(FETCHED.AT, seen.at())
                .onConflict(FETCHED.REEL_ID, FETCHED.PAGE)
                .doUpdate()
                .set(FETCHED.PUBLICATION_ID, seen.publication())
                .set(FETCHED.WAY, seen.framed() ? "frame" : "element")
                .set(FETCHED.AT, seen.at())
                .execute();
    }

    /** The pages that showed that reel within the time that is kept, seen last first. */
    public List<Seen> of(String reelId) {
        return sql.select(REEL.SLUG, FETCHED.PAGE, FETCHED.PUBLICATION_ID, FETCHED.WAY, FETCHED.AT)
                .from(FETCHED)
                .join(REEL)
                .on(REEL.ID.eq(FETCHED.REEL_ID))
                .where(FETCHED.REEL_ID.eq(reelId), FETCHED.AT.ge(System.currentTimeMillis() - KEPT.toMillis()))
                .orderBy(FETCHED.AT.desc(), FETCHED.PAGE)
                .fetch(row -> new Seen(
                        row.value1(), row.value2(), row.value3(), row.value4().equals("frame"), row.value5()));
    }
}
