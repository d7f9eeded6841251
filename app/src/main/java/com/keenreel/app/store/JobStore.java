package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.JOB;

import com.keenreel.app.store.sql.tables.records.JobRecord;
import java.time.Duration;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Work that is done beside requests; a killed process takes it up again. */
@Component
public class JobStore {
    /** The priority of work that somebody waits for. */
    public static final long SOON = 0;

    /** The priority of uploads. */
    public static final long IN_TURN = 10;

    /** The priority of work ahead of need. */
    public static final long AHEAD = 20;

    private final DSLContext sql;

    public JobStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A piece of work.
     *
     * @param version whose renditions are to be made
     * @param widths px across, by rising width; empty for what the library itself keeps
     * @param attempt counted from 1; one that was put off does not count
     * @param putOff how often in a row it was put off
     */
    public record Job(long id, long version, List<Integer> widths, long attempt, long putOff) {
        public Job {
            widths = List.copyOf(widths);
        }
    }

    private static Job job(JobRecord row) {
        List<Integer> widths = Arrays.stream(row.getWidths().split(" "))
                .filter(width -> !width.isEmpty())
                .map(Integer::valueOf)
                .toList();
        return new Job(row.getId(), row.getVersionId(), widths, row.getAttempts(), row.getPutOff());
    }

    static void add(DSLContext tx, long version, long priority) {
        tx.insertInto(JOB)
                .set(JOB.VERSION_ID, version)
                .set(JOB.PRIORITY, priority)
                .execute();
    }

    /** Ends the first work on a version; work on more widths stays. */
    static void endFirst(DSLContext tx, long version) {
        tx.deleteFrom(JOB).where(JOB.VERSION_ID.eq(version), JOB.WIDTHS.eq("")).execute();
    }

    static void end(DSLContext tx, Job job) {
        tx.deleteFrom(JOB).where(JOB.ID.eq(job.id())).execute();
    }

    /**
     * Asks for more widths of a version, as far as nobody has asked for them yet, and for all that was asked for at least
     * at that priority. What failed before is tried anew.
     *
     * @param missing px across, not made yet
     */
    public void more(long version, Collection<Integer> missing, long priority) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.deleteFrom(JOB)
                    .where(JOB.VERSION_ID.eq(version), JOB.PROBLEM.isNotNull())
                    .execute();
            TreeSet<Integer> fresh = new TreeSet<>(missing);
            tx.selectFrom(JOB).where(JOB.VERSION_ID.eq(version)).fetch(JobStore::job).stream()
                    .map(Job::widths)
                    .forEach(fresh::removeAll);
            if (!fresh.isEmpty()) {
                String widths = fresh.stream().map(String::valueOf).collect(Collectors.joining(" "));
                tx.insertInto(JOB)
                        .set(JOB.VERSION_ID, version)
                        .set(JOB.PRIORITY, priority)
                        .set(JOB.WIDTHS, widths)
                        .execute();
            }
            hurry(tx, version, priority);
        });
    }

    /** Why more widths of a version could not be made; empty while they can. */
    public Optional<String> problem(long version) {
        return sentence(JOB.PROBLEM, version);
    }

    /** What work on a version waits for, as a sentence; empty where it waits for nothing. */
    public Optional<String> waitsFor(long version) {
        return sentence(JOB.WAITS_FOR, version);
    }

    private Optional<String> sentence(Field<String> field, long version) {
        return sql.select(field)
                .from(JOB)
                .where(JOB.VERSION_ID.eq(version), field.isNotNull())
                .limit(1)
                .fetchOptional(field);
    }

    /** Somebody wants work on a version done now, whatever became of it before. */
    public void tryAgain(long version) {
        tryAgain(sql, version);
    }

    static void tryAgain(DSLContext tx, long version) {
        tx.update(JOB)
                .setNull(JOB.PROBLEM)
                .setNull(JOB.WAITS_FOR)
                .set(JOB.DUE_AT, 0L)
                .set(JOB.PUT_OFF, 0L)
                .set(JOB.ATTEMPTS, 0L)
                .where(JOB.VERSION_ID.eq(version), JOB.TAKEN_AT.isNull())
                .execute();
    }

    /** Says why work cannot be done; it is not taken again until somebody asks for it anew. */
    public void giveUp(Job job, String problem) {
        sql.update(JOB).set(JOB.PROBLEM, problem).where(JOB.ID.eq(job.id())).execute();
    }

    /** Takes the next piece of work that nobody has taken. */
    public Optional<Job> take() {
        return sql.transactionResult(inside -> {
            DSLContext tx = DSL.using(inside);
            var next = tx.selectFrom(JOB)
                    .where(waiting())
                    .orderBy(JOB.PRIORITY, JOB.ID)
                    .limit(1)
                    .fetchOptional();
            next.ifPresent(row -> {
                row.setTakenAt(System.currentTimeMillis());
                row.setAttempts(row.getAttempts() + 1);
                row.update();
            });
            return next.map(JobStore::job);
        });
    }

    /** True when work can be taken; cheaper than taking it. */
    public boolean waits() {
        return sql.fetchExists(JOB, waiting());
    }

    private static Condition waiting() {
        return JOB.TAKEN_AT.isNull().and(JOB.PROBLEM.isNull()).and(JOB.DUE_AT.le(System.currentTimeMillis()));
    }

    /** How much work is not done. */
    public int undone() {
        return sql.fetchCount(JOB, JOB.PROBLEM.isNull());
    }

    /** Gives back work that a killed process had taken; gives back that of it which ended a process that many times. */
    public List<Job> giveBackAll(int often) {
        return sql.transactionResult(inside -> {
            DSLContext tx = DSL.using(inside);
            List<Job> deadly = tx.selectFrom(JOB)
                    .where(JOB.TAKEN_AT.isNotNull(), JOB.ATTEMPTS.ge((long) often))
                    .fetch(JobStore::job);
            tx.update(JOB).setNull(JOB.TAKEN_AT).execute();
            return deadly;
        });
    }

    /** Gives back work that failed, to be tried again after that time. */
    public void giveBack(Job job, Duration after) {
        sql.update(JOB)
                .setNull(JOB.TAKEN_AT)
                .set(JOB.DUE_AT, System.currentTimeMillis() + after.toMillis())
                .where(JOB.ID.eq(job.id()))
                .execute();
    }

    /**
     * Puts off work that cannot be done for a moment, which does not count as an attempt.
     *
     * @param waitsFor what it waits for, as a sentence
     */
    public void putOff(Job job, Duration after, String waitsFor) {
        sql.update(JOB)
                .setNull(JOB.TAKEN_AT)
                .set(JOB.ATTEMPTS, job.attempt() - 1)
                .set(JOB.PUT_OFF, job.putOff() + 1)
                .set(JOB.WAITS_FOR, waitsFor)
                .set(JOB.DUE_AT, System.currentTimeMillis() + after.toMillis())
                .where(JOB.ID.eq(job.id()))
                .execute();
    }

    /** Puts work for that version in front of other work. */
    public void hurry(long version) {
        hurry(sql, version, SOON);
    }

    private static void hurry(DSLContext tx, long version, long priority) {
        tx.update(JOB)
                .set(JOB.PRIORITY, priority)
                .where(JOB.VERSION_ID.eq(version), JOB.PRIORITY.gt(priority))
                .execute();
    }
}
