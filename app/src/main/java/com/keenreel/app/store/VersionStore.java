package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.RENDITION;

import com.keenreel.app.document.TraitsJson;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureId;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.Darkroom.Seen;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Versions of pictures, and the files in which they are shown. */
@Component
public class VersionStore {
    private final DSLContext sql;

    public VersionStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * The condition that a rendition has that content. An index has the first letters of contents, so that these are asked
     * for first; the plus keeps SQLite from merging both conditions into one, for which it would read every row.
     */
    static Condition isContent(Field<String> sha256) {
        return DSL.condition("substr({0}, 1, 16) = substr({1}, 1, 16) and +{0} = {1}", RENDITION.SHA256, sha256);
    }

    /** Another file for the same picture. Words, and a focal point that somebody chose, stay. */
    public StoredPicture replace(PictureId id, Brought file) {
        return newVersion(id, (tx, now) -> {
            show(tx, id, file, Adjustment.NONE, now.chosen());
            Contents.settle(tx, file.contents());
        });
    }

    /**
     * The same file, turned and trimmed.
     *
     * @param file the file as it was brought
     * @throws Refusal of one that stands for a video, which would be as it was
     */
    public StoredPicture adjust(PictureId id, Received file, Adjustment adjustment) {
        return newVersion(id, (tx, now) -> {
            if (now.video() != null) {
                throw new Refusal("A video is not turned or trimmed here.");
            }
            show(tx, id, new Brought(file, now.sha256()), adjustment, movedWith(now, adjustment));
        });
    }

    /** A focal point that was chosen means the same part of the picture after it was turned or trimmed; else none. */
    private static @Nullable FocalPoint movedWith(Version now, Adjustment adjustment) {
        FocalPoint chosen = now.chosen();
        return chosen == null ? null : now.adjustment().movedTo(adjustment, chosen);
    }

    /** Chooses the point that crops keep in view; null for the calculated one. */
    public StoredPicture focus(PictureId id, @Nullable FocalPoint chosen) {
        return newVersion(id, (tx, now) -> {
            var copy = tx.fetchSingle(PICTURE_VERSION, PICTURE_VERSION.ID.eq(now.id()))
                    .copy();
            copy.setFocalX(chosen == null ? null : chosen.x());
            copy.setFocalY(chosen == null ? null : chosen.y());
            copy.setAddedAt(System.currentTimeMillis());
            copy.store();
            long fresh = newest(tx);
            tx.insertInto(RENDITION)
                    .columns(RENDITION.VERSION_ID, RENDITION.WIDTH, RENDITION.FORMAT, RENDITION.SHA256, RENDITION.BYTES)
                    .select(tx.select(
                                    DSL.inline(fresh),
                                    RENDITION.WIDTH,
                                    RENDITION.FORMAT,
                                    RENDITION.SHA256,
                                    RENDITION.BYTES)
                            .from(RENDITION)
                            .where(RENDITION.VERSION_ID.eq(now.id())))
                    .execute();
            if (now.state() == State.WAITING) {
                JobStore.add(tx, fresh, JobStore.IN_TURN);
            }
            turnTo(tx, id, fresh);
        });
    }

    /**
     * Shows another version of a picture again.
     *
     * @throws NotThere when it has no such version
     */
    public StoredPicture bringBack(PictureId id, long version) {
        return newVersion(id, (tx, now) -> {
            if (!tx.fetchExists(
                    PICTURE_VERSION, PICTURE_VERSION.ID.eq(version), PICTURE_VERSION.PICTURE_ID.eq(id.value()))) {
                throw new NotThere("This picture has no such version.");
            }
            turnTo(tx, id, version);
        });
    }

    private interface Showing {
        void in(DSLContext tx, Version now);
    }

    private StoredPicture newVersion(PictureId id, Showing showing) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            showing.in(tx, new PictureStore(tx).find(id).version());
            LinedStore.follow(tx, id);
        });
        return new PictureStore(sql).find(id);
    }

    /** Adds a version, with the work to make its renditions, and shows it from now on. */
    static void show(DSLContext tx, PictureId id, Brought brought, Adjustment adjustment, @Nullable FocalPoint chosen) {
        Received file = brought.file();
        KeptVideo video = brought.video();
        boolean pixels = file.format() != Format.SVG;
        tx.insertInto(PICTURE_VERSION)
                .set(PICTURE_VERSION.PICTURE_ID, id.value())
                .set(PICTURE_VERSION.SHA256, brought.sha256())
                .set(PICTURE_VERSION.FORMAT, PictureRows.word(file.format()))
                .set(PICTURE_VERSION.WIDTH, (long)
                        (pixels ? adjustment.width(file.width(), file.height()) : file.width()))
                .set(PICTURE_VERSION.HEIGHT, (long)
                        (pixels ? adjustment.height(file.width(), file.height()) : file.height()))
                .set(PICTURE_VERSION.BYTES, brought.bytes())
                .set(PICTURE_VERSION.VIDEO, video == null ? null : video.sha256())
                .set(PICTURE_VERSION.VIDEO_KIND, video == null ? null : PictureRows.word(video.kind()))
                .set(PICTURE_VERSION.VIDEO_LENGTH, video == null ? null : video.length())
                .set(PICTURE_VERSION.QUARTERS, (long) adjustment.quarters())
                .set(PICTURE_VERSION.TRIMMED, trimmed(adjustment))
                .set(PICTURE_VERSION.FOCAL_X, chosen == null ? null : chosen.x())
                .set(PICTURE_VERSION.FOCAL_Y, chosen == null ? null : chosen.y())
                .set(PICTURE_VERSION.NOTE, file.note())
                .set(PICTURE_VERSION.STATE, PictureRows.word(State.WAITING))
                .set(PICTURE_VERSION.ADDED_AT, System.currentTimeMillis())
                .execute();
        startNewest(tx, id);
    }

    /** Begins the work on the version that was added last, and shows it from now on. */
    static void startNewest(DSLContext tx, PictureId id) {
        long fresh = newest(tx);
        JobStore.add(tx, fresh, JobStore.IN_TURN);
        turnTo(tx, id, fresh);
    }

    private static long newest(DSLContext tx) {
        Long id = tx.select(DSL.max(PICTURE_VERSION.ID))
                .from(PICTURE_VERSION)
                .fetchSingle()
                .value1();
        return id;
    }

    private static void turnTo(DSLContext tx, PictureId id, long version) {
        tx.update(PICTURE)
                .set(PICTURE.VERSION_ID, version)
                .where(PICTURE.ID.eq(id.value()))
                .execute();
        ReelStore.picturesChanged(tx, List.of(id));
    }

    private static String trimmed(Adjustment adjustment) {
        return adjustment.left() + " " + adjustment.top() + " " + adjustment.right() + " " + adjustment.bottom();
    }

    /**
     * One version.
     *
     * @throws NotThere when there is none
     */
    public Version version(long id) {
        return sql.selectFrom(PICTURE_VERSION)
                .where(PICTURE_VERSION.ID.eq(id))
                .fetchOptional(PictureRows::version)
                .orElseThrow(() -> new NotThere("There is no such version of a picture."));
    }

    /** All versions of a picture, the newest first, each with the time at which it was made, ms since 1970. */
    public List<java.util.Map.Entry<Version, Long>> versions(PictureId id) {
        return sql.selectFrom(PICTURE_VERSION)
                .where(PICTURE_VERSION.PICTURE_ID.eq(id.value()))
                .orderBy(PICTURE_VERSION.ID.desc())
                .fetch(row -> java.util.Map.entry(PictureRows.version(row), row.get(PICTURE_VERSION.ADDED_AT)));
    }

    /** The files in which a version is shown, by rising width; empty until they are made. */
    public List<Made> made(long version) {
        return made(List.of(version)).getOrDefault(version, List.of());
    }

    /**
     * The files in which versions are shown, by version, by rising width; those of which nothing is made are left out.
     */
    public Map<Long, List<Made>> made(Collection<Long> versions) {
        return sql.selectFrom(RENDITION)
                .where(RENDITION.VERSION_ID.in(versions))
                .orderBy(RENDITION.WIDTH, RENDITION.FORMAT)
                .fetchGroups(
                        row -> row.getVersionId(),
                        row -> new Made(
                                row.getWidth().intValue(),
                                Format.valueOf(row.getFormat().toUpperCase(Locale.ROOT)),
                                row.getSha256(),
                                row.getBytes()));
    }

    /**
     * Ends work that went well: the version is ready in these files.
     *
     * @param copy the SHA-256 of the copy that calculations look at
     */
    public void finish(long version, List<Made> made, Seen seen, String copy) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            keep(tx, version, made);
            tx.update(PICTURE_VERSION)
                    .set(PICTURE_VERSION.TRAITS, TraitsJson.write(seen.traits()))
                    .set(PICTURE_VERSION.COPY_SHA256, copy)
                    .set(PICTURE_VERSION.PLACEHOLDER, seen.placeholder())
                    .where(PICTURE_VERSION.ID.eq(version))
                    .execute();
            Contents.settle(tx, List.of(copy));
            end(tx, version, State.READY, null);
        });
    }

    /** Ends work on more widths: the version has these files too. */
    public void finish(JobStore.Job job, List<Made> made) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            keep(tx, job.version(), made);
            JobStore.end(tx, job);
        });
    }

    private static void keep(DSLContext tx, long version, List<Made> made) {
        List<org.jooq.Query> inserts = new ArrayList<>();
        for (Made one : made) {
            inserts.add(tx.insertInto(RENDITION)
                    .set(RENDITION.VERSION_ID, version)
                    .set(RENDITION.WIDTH, (long) one.width())
                    .set(RENDITION.FORMAT, PictureRows.word(one.format()))
                    .set(RENDITION.SHA256, one.sha256())
                    .set(RENDITION.BYTES, one.bytes())
                    .onConflictDoNothing());
        }
        tx.batch(inserts).execute();
        Contents.settle(tx, made.stream().map(Made::sha256).toList());
    }

    /** Ends work that did not go well. */
    public void fail(long version, String problem) {
        sql.transaction(inside -> end(DSL.using(inside), version, State.FAILED, problem));
    }

    /** Works on a version again that has failed, or waits. */
    public void tryAgain(long version) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            int failed = tx.update(PICTURE_VERSION)
                    .set(PICTURE_VERSION.STATE, PictureRows.word(State.WAITING))
                    .setNull(PICTURE_VERSION.PROBLEM)
                    .where(PICTURE_VERSION.ID.eq(version))
                    .and(PICTURE_VERSION.STATE.eq(PictureRows.word(State.FAILED)))
                    .execute();
            if (failed > 0) {
                JobStore.add(tx, version, JobStore.SOON);
            }
            JobStore.tryAgain(tx, version);
        });
    }

    private static void end(DSLContext tx, long version, State state, @Nullable String problem) {
        tx.update(PICTURE_VERSION)
                .set(PICTURE_VERSION.STATE, PictureRows.word(state))
                .set(PICTURE_VERSION.PROBLEM, problem)
                .where(PICTURE_VERSION.ID.eq(version))
                .execute();
        tx.select(PICTURE_VERSION.PICTURE_ID)
                .from(PICTURE_VERSION)
                .where(PICTURE_VERSION.ID.eq(version))
                .fetch(row -> new PictureId(row.value1()))
                .forEach(picture -> ReelStore.picturesChanged(tx, List.of(picture)));
        JobStore.endFirst(tx, version);
    }
}
