package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.JOB;
import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.REEL_PICTURE;
import static com.keenreel.app.store.sql.Tables.RENDITION;

import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Pictures, their versions, the files they are shown in, and the work that makes these. */
@Component
public class PictureStore {
    /** The priority of work that somebody waits for. */
    public static final long SOON = 0;

    /** The priority of uploads. */
    public static final long IN_TURN = 10;

    private final DSLContext sql;

    public PictureStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * Adds a picture whose file is already kept, and the work to make its renditions.
     *
     * @param name the name of its file
     * @param sha256 of the file
     */
    public StoredPicture add(String name, Received file, String sha256) {
        PictureId id = new PictureId(Ids.fresh());
        long now = System.currentTimeMillis();
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.insertInto(PICTURE)
                    .set(PICTURE.ID, id.value())
                    .set(PICTURE.NAME, name)
                    .set(PICTURE.ADDED_AT, now)
                    .execute();
            tx.insertInto(PICTURE_VERSION)
                    .set(PICTURE_VERSION.PICTURE_ID, id.value())
                    .set(PICTURE_VERSION.SHA256, sha256)
                    .set(PICTURE_VERSION.FORMAT, word(file.format()))
                    .set(PICTURE_VERSION.WIDTH, (long) file.width())
                    .set(PICTURE_VERSION.HEIGHT, (long) file.height())
                    .set(PICTURE_VERSION.STATE, word(State.WAITING))
                    .set(PICTURE_VERSION.ADDED_AT, now)
                    .execute();
            Long version = tx.select(DSL.max(PICTURE_VERSION.ID))
                    .from(PICTURE_VERSION)
                    .fetchSingle()
                    .value1();
            tx.insertInto(JOB)
                    .set(JOB.VERSION_ID, version)
                    .set(JOB.PRIORITY, IN_TURN)
                    .execute();
        });
        return find(id);
    }

    /** The picture whose newest version has exactly that content, if there is one. */
    public Optional<StoredPicture> byContent(String sha256) {
        return pictures(PICTURE_VERSION.SHA256.eq(sha256).and(PICTURE_VERSION.STATE.ne(word(State.FAILED)))).stream()
                .findFirst();
    }

    /** Says what a picture says by itself. */
    public void say(PictureId id, PictureWords words) {
        sql.update(PICTURE)
                .set(PICTURE.TITLE, words.title())
                .set(PICTURE.CAPTION, words.caption())
                .set(PICTURE.ALT, words.alt())
                .where(PICTURE.ID.eq(id.value()))
                .execute();
    }

    /**
     * The picture of that id.
     *
     * @throws NotThere when there is none
     */
    public StoredPicture find(PictureId id) {
        return pictures(PICTURE.ID.eq(id.value())).stream()
                .findFirst()
                .orElseThrow(() -> new NotThere("There is no such picture."));
    }

    /** Those pictures, as far as they exist. */
    public List<StoredPicture> all(Collection<PictureId> ids) {
        return pictures(PICTURE.ID.in(ids.stream().map(PictureId::value).toList()));
    }

    /** All pictures that did not fail, newest first. */
    public List<StoredPicture> all() {
        return pictures(PICTURE_VERSION.STATE.ne(word(State.FAILED)));
    }

    private List<StoredPicture> pictures(Condition which) {
        var newest = PICTURE_VERSION.as("newest");
        return sql.select(PICTURE.fields())
                .select(PICTURE_VERSION.fields())
                .select(DSL.field(DSL.selectCount().from(REEL_PICTURE).where(REEL_PICTURE.PICTURE_ID.eq(PICTURE.ID)))
                        .as("used_in"))
                .from(PICTURE)
                .join(PICTURE_VERSION)
                .on(PICTURE_VERSION.ID.eq(
                        DSL.select(DSL.max(newest.ID)).from(newest).where(newest.PICTURE_ID.eq(PICTURE.ID))))
                .where(which)
                .orderBy(PICTURE.ADDED_AT.desc(), PICTURE_VERSION.ID.desc())
                .fetch(row -> new StoredPicture(
                        new PictureId(row.get(PICTURE.ID)),
                        row.get(PICTURE.NAME),
                        new PictureWords(row.get(PICTURE.TITLE), row.get(PICTURE.CAPTION), row.get(PICTURE.ALT)),
                        version(row),
                        row.get("used_in", Integer.class)));
    }

    /**
     * One version.
     *
     * @throws NotThere when there is none
     */
    public Version version(long id) {
        return sql.selectFrom(PICTURE_VERSION)
                .where(PICTURE_VERSION.ID.eq(id))
                .fetchOptional(PictureStore::version)
                .orElseThrow(() -> new NotThere("There is no such version of a picture."));
    }

    private static Version version(Record row) {
        return new Version(
                row.get(PICTURE_VERSION.ID),
                new PictureId(row.get(PICTURE_VERSION.PICTURE_ID)),
                row.get(PICTURE_VERSION.SHA256),
                Format.valueOf(row.get(PICTURE_VERSION.FORMAT).toUpperCase(Locale.ROOT)),
                row.get(PICTURE_VERSION.WIDTH).intValue(),
                row.get(PICTURE_VERSION.HEIGHT).intValue(),
                State.valueOf(row.get(PICTURE_VERSION.STATE).toUpperCase(Locale.ROOT)),
                row.get(PICTURE_VERSION.PROBLEM));
    }

    /** The files in which a version is shown, by rising width; empty until they are made. */
    public List<Made> made(long version) {
        return sql.selectFrom(RENDITION)
                .where(RENDITION.VERSION_ID.eq(version))
                .orderBy(RENDITION.WIDTH)
                .fetch(row -> new Made(
                        row.getWidth().intValue(),
                        Format.valueOf(row.getFormat().toUpperCase(Locale.ROOT)),
                        row.getSha256()));
    }

    /**
     * A piece of work.
     *
     * @param version whose renditions are to be made
     * @param attempt counted from 1
     */
    public record Job(long version, long attempt) {}

    /** Takes the next piece of work that nobody has taken. */
    public Optional<Job> takeJob() {
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
    public boolean hasJob() {
        return sql.fetchExists(JOB, JOB.TAKEN_AT.isNull());
    }

    /** Gives back work that a killed process had taken. */
    public void giveBackJobs() {
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

    /** Ends work that went well: the version is ready in these files. */
    public void finish(long version, List<Made> made, List<Long> sizes) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            for (int i = 0; i < made.size(); i++) {
                tx.insertInto(RENDITION)
                        .set(RENDITION.VERSION_ID, version)
                        .set(RENDITION.WIDTH, (long) made.get(i).width())
                        .set(RENDITION.FORMAT, word(made.get(i).format()))
                        .set(RENDITION.SHA256, made.get(i).sha256())
                        .set(RENDITION.BYTES, sizes.get(i))
                        .onConflictDoNothing()
                        .execute();
            }
            end(tx, version, State.READY, null);
        });
    }

    /** Ends work that did not go well. */
    public void fail(long version, String problem) {
        sql.transaction(inside -> end(DSL.using(inside), version, State.FAILED, problem));
    }

    private static void end(
            DSLContext tx, long version, State state, @org.jspecify.annotations.Nullable String problem) {
        tx.update(PICTURE_VERSION)
                .set(PICTURE_VERSION.STATE, word(state))
                .set(PICTURE_VERSION.PROBLEM, problem)
                .where(PICTURE_VERSION.ID.eq(version))
                .execute();
        tx.deleteFrom(JOB).where(JOB.VERSION_ID.eq(version)).execute();
    }

    private static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
