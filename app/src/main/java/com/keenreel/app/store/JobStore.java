package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.JOB;

import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Work that is done beside requests; a killed process takes it up again. */
@Component
public class JobStore {
    /** The priority of work that somebody waits for. */
    public static final long SOON = 0;

    /** The priority of uploads. */
    public static final long IN_TURN = 10;

    private final DSLContext sql;

    public JobStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A piece of work.
     *
     * @param version whose renditions are to be made
     * @param attempt counted from 1
     */
    public record Job(long version, long attempt) {}

    static void add(DSLContext tx, long version, long priority) {
        tx.insertInto(JOB)
                .set(JOB.VERSION_ID, version)
                .set(JOB.PRIORITY, priority)
                .execute();
    }

    static void end(DSLContext tx, long version) {
        tx.deleteFrom(JOB).where(JOB.VERSION_ID.eq(version)).execute();
    }

    /** Takes the next piece of work that nobody has taken. */
    public Optional<Job> take() {
        return sql.transactionResult(inside -> {
            DSLContext tx = DSL.using(inside);
            var next = tx.selectFrom(JOB)
                    .where(JOB.TAKEN_AT.isNull())
                    .orderBy(JOB.PRIORITY, JOB.ID)
                    .limit(1)
                    .fetchOptional();
            next.ifPresent(job -> {
                job.setTakenAt(System.currentTimeMillis());
                job.setAttempts(job.getAttempts() + 1);
                job.update();
            });
            return next.map(job -> new Job(job.getVersionId(), job.getAttempts()));
        });
    }

    /** True when work waits to be taken; cheaper than taking it. */
    public boolean waits() {
        return sql.fetchExists(JOB, JOB.TAKEN_AT.isNull());
    }

    /** How much work is not done. */
    public int undone() {
        return sql.fetchCount(JOB);
    }

    /** Gives back work that a killed process had taken. */
    public void giveBackAll() {
        sql.update(JOB).setNull(JOB.TAKEN_AT).execute();
    }

    /** Gives back work that could not be done this time. */
    public void giveBack(long version) {
        sql.update(JOB).setNull(JOB.TAKEN_AT).where(JOB.VERSION_ID.eq(version)).execute();
    }

    /** Puts work for that version in front of other work. */
    public void hurry(long version) {
        sql.update(JOB)
                .set(JOB.PRIORITY, SOON)
                .where(JOB.VERSION_ID.eq(version), JOB.PRIORITY.gt(SOON))
                .execute();
    }
}
