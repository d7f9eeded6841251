package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.FETCHED;
import static com.keenreel.app.store.sql.Tables.JOB;
import static com.keenreel.app.store.sql.Tables.LIVE_CHANGE;
import static com.keenreel.app.store.sql.Tables.MEMBER;
import static com.keenreel.app.store.sql.Tables.NAMED_REVISION;
import static com.keenreel.app.store.sql.Tables.ORIGINAL;
import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_FILE;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_STAGE;
import static com.keenreel.app.store.sql.Tables.REEL;
import static com.keenreel.app.store.sql.Tables.REEL_PICTURE;
import static com.keenreel.app.store.sql.Tables.RENDITION;
import static com.keenreel.app.store.sql.Tables.REVISION;
import static com.keenreel.app.store.sql.Tables.SUMMARY;

import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * Deletes for good: rows in one transaction, then the files to which nothing refers any more. What another publication or
 * picture has of the same bytes stays, as does what somebody brings again meanwhile.
 */
@Component
public class Erasing {
    private final DSLContext sql;
    private final ContentFiles files;
    private final PublicationStore publications;

    Erasing(DSLContext sql, ContentFiles files, PublicationStore publications) {
        this.sql = sql;
        this.files = files;
        this.publications = publications;
    }

    /**
     * A picture with its versions, and every publication that is not live and shows it.
     *
     * @throws Refusal when it is not in the bin, or still live
     */
    public void pictures(Collection<PictureId> pictures) {
        List<String> ids = new LinedStore(sql)
                .withMadeOf(pictures).stream().map(PictureId::value).toList();
        if (!publications.liveWith(pictures).isEmpty()) {
            throw new Refusal("Visitors still see it. Withdraw it everywhere first.");
        }
        erase(tx -> {
            if (tx.fetchExists(PICTURE, PICTURE.ID.in(ids).and(PICTURE.BINNED_AT.isNull()))) {
                throw new Refusal("Only what lies in the bin is deleted for good.");
            }
            Select<?> versions =
                    DSL.select(PICTURE_VERSION.ID).from(PICTURE_VERSION).where(PICTURE_VERSION.PICTURE_ID.in(ids));
            Set<String> gone = new HashSet<>(tx.select(PICTURE_VERSION.SHA256)
                    .from(PICTURE_VERSION)
                    .where(PICTURE_VERSION.PICTURE_ID.in(ids))
                    .union(DSL.select(PICTURE_VERSION.COPY_SHA256)
                            .from(PICTURE_VERSION)
                            .where(PICTURE_VERSION.PICTURE_ID.in(ids), PICTURE_VERSION.COPY_SHA256.isNotNull()))
                    .union(DSL.select(PICTURE_VERSION.VIDEO)
                            .from(PICTURE_VERSION)
                            .where(PICTURE_VERSION.PICTURE_ID.in(ids), PICTURE_VERSION.VIDEO.isNotNull()))
                    .union(DSL.select(RENDITION.SHA256).from(RENDITION).where("version_id in ({0})", versions))
                    .union(DSL.select(ORIGINAL.SHA256)
                            .from(ORIGINAL)
                            .join(PICTURE_VERSION)
                            .on(PICTURE_VERSION.SHA256.eq(ORIGINAL.SHOWN))
                            .where(PICTURE_VERSION.PICTURE_ID.in(ids)))
                    .fetch(row -> row.value1()));
            gone.addAll(publications(
                    tx,
                    tx.select(PUBLICATION.ID, PUBLICATION.VERSIONS).from(PUBLICATION).fetch().stream()
                            .filter(row ->
                                    ids.stream().anyMatch(id -> row.value2().contains('"' + id + '"')))
                            .map(row -> row.value1())
                            .toList()));
            tx.deleteFrom(REEL_PICTURE).where(REEL_PICTURE.PICTURE_ID.in(ids)).execute();
            tx.deleteFrom(MEMBER).where(MEMBER.PICTURE_ID.in(ids)).execute();
            tx.deleteFrom(JOB).where("version_id in ({0})", versions).execute();
            tx.deleteFrom(RENDITION).where("version_id in ({0})", versions).execute();
            tx.update(PICTURE)
                    .setNull(PICTURE.VERSION_ID)
                    .where(PICTURE.ID.in(ids))
                    .execute();
            tx.deleteFrom(PICTURE_VERSION)
                    .where(PICTURE_VERSION.PICTURE_ID.in(ids))
                    .execute();
            tx.deleteFrom(ORIGINAL)
                    .where(ORIGINAL.SHOWN.notIn(
                            DSL.select(PICTURE_VERSION.SHA256).from(PICTURE_VERSION)))
                    .execute();
            tx.deleteFrom(PICTURE).where(PICTURE.ID.in(ids)).execute();
            return gone;
        });
    }

    /**
     * A reel with its history and its publications.
     *
     * @throws Refusal when it is not in the bin
     */
    public void reel(String id) {
        erase(tx -> {
            if (tx.fetchExists(REEL, REEL.ID.eq(id), REEL.BINNED_AT.isNull())) {
                throw new Refusal("Only what lies in the bin is deleted for good.");
            }
            tx.update(REEL).setNull(REEL.LIVE).where(REEL.ID.eq(id)).execute();
            Set<String> gone = publications(
                    tx,
                    tx.select(PUBLICATION.ID)
                            .from(PUBLICATION)
                            .where(PUBLICATION.REEL_ID.eq(id))
                            .fetch(PUBLICATION.ID));
            tx.deleteFrom(LIVE_CHANGE).where(LIVE_CHANGE.REEL_ID.eq(id)).execute();
            tx.deleteFrom(FETCHED).where(FETCHED.REEL_ID.eq(id)).execute();
            tx.deleteFrom(NAMED_REVISION).where(NAMED_REVISION.REEL_ID.eq(id)).execute();
            tx.deleteFrom(REEL_PICTURE).where(REEL_PICTURE.REEL_ID.eq(id)).execute();
            tx.deleteFrom(REVISION).where(REVISION.REEL_ID.eq(id)).execute();
            tx.deleteFrom(REEL).where(REEL.ID.eq(id)).execute();
            return gone;
        });
    }

    /**
     * An earlier publication.
     *
     * @throws Refusal when it is live
     */
    public void publication(String reel, String publication) {
        erase(tx -> {
            if (tx.fetchExists(REEL, REEL.LIVE.eq(publication))) {
                throw new Refusal("This is live. Take it down or publish something newer first.");
            }
            return publications(
                    tx,
                    tx.select(PUBLICATION.ID)
                            .from(PUBLICATION)
                            .where(PUBLICATION.ID.eq(publication), PUBLICATION.REEL_ID.eq(reel))
                            .fetch(PUBLICATION.ID));
        });
    }

    /** Earlier publications that were live last before that moment, ms since 1970. */
    public void publicationsBefore(long moment) {
        var own = LIVE_CHANGE.as("own");
        erase(tx -> {
            List<String> old = tx.select(PUBLICATION.ID)
                    .from(PUBLICATION)
                    .join(REEL)
                    .on(REEL.ID.eq(PUBLICATION.REEL_ID))
                    .where(REEL.LIVE.isNull().or(REEL.LIVE.ne(PUBLICATION.ID)))
                    // it was live until the change that followed
                    .and(DSL.exists(DSL.selectOne()
                            .from(LIVE_CHANGE)
                            .where(LIVE_CHANGE.REEL_ID.eq(PUBLICATION.REEL_ID), LIVE_CHANGE.MADE_AT.lt(moment))
                            .and(LIVE_CHANGE.ID.gt(DSL.select(DSL.coalesce(DSL.max(own.ID), 0L))
                                    .from(own)
                                    .where(own.PUBLICATION_ID.eq(PUBLICATION.ID))))))
                    .fetch(PUBLICATION.ID);
            return publications(tx, old);
        });
    }

    /** Takes publications away; gives back the names of their files. */
    private static Set<String> publications(DSLContext tx, List<String> ids) {
        Set<String> gone = new HashSet<>(tx.select(PUBLICATION_FILE.SHA256)
                .from(PUBLICATION_FILE)
                .where(PUBLICATION_FILE.PUBLICATION_ID.in(ids))
                .fetch(PUBLICATION_FILE.SHA256));
        tx.deleteFrom(PUBLICATION_FILE)
                .where(PUBLICATION_FILE.PUBLICATION_ID.in(ids))
                .execute();
        tx.deleteFrom(PUBLICATION_STAGE)
                .where(PUBLICATION_STAGE.PUBLICATION_ID.in(ids))
                .execute();
        tx.deleteFrom(LIVE_CHANGE).where(LIVE_CHANGE.PUBLICATION_ID.in(ids)).execute();
        tx.deleteFrom(SUMMARY) // with the last one a reel is a draft again
                .where(SUMMARY.REEL_ID.in(
                        DSL.select(PUBLICATION.REEL_ID).from(PUBLICATION).where(PUBLICATION.ID.in(ids))))
                .execute();
        tx.deleteFrom(PUBLICATION).where(PUBLICATION.ID.in(ids)).execute();
        return gone;
    }

    private interface Erasure {
        /** Does it and gives back the names of the files that may be gone with it. */
        Set<String> in(DSLContext tx);
    }

    private void erase(Erasure erasure) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.execute("pragma secure_delete = on"); // what is deleted is overwritten
            Contents.release(tx, erasure.in(tx));
        });
        publications.changed();
        files.takeAway();
    }
}
