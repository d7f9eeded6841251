package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_SET;
import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.REEL;
import static com.keenreel.app.store.sql.Tables.REEL_PICTURE;
import static com.keenreel.app.store.sql.Tables.REVISION;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.app.document.DocumentJson;
import com.keenreel.app.document.Patch;
import com.keenreel.app.document.Unreadable;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Member;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.ResultQuery;
import org.jooq.SelectConditionStep;
import org.jooq.SelectJoinStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Reels, each as its newest revision has it. */
@Component
public class ReelStore {
    /** One revision in so many is kept whole, and the head; each other one as what leads to it from the next. */
    private static final int WHOLE = 50;

    private static final Logger LOG = LoggerFactory.getLogger(ReelStore.class);

    /** Documents that were read last: what is edited is read again and again. */
    private static final Cache<String, Reel> READ =
            Caffeine.newBuilder().maximumSize(24).build();

    private final DSLContext sql;

    public ReelStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Makes a reel; its first revision is the document as it is given. */
    public StoredReel make(Reel reel, String editor) {
        String id = Ids.fresh();
        long now = System.currentTimeMillis();
        Following follows = reel.follows();
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.insertInto(REEL)
                    .set(REEL.FOLLOWS, follows == null ? null : follows.set().value())
                    .set(REEL.ID, id)
                    .set(REEL.SLUG, Slugs.free(reel.name(), "reel", slug -> tx.fetchExists(REEL, REEL.SLUG.eq(slug))))
                    .set(REEL.NAME, reel.name())
                    .set(REEL.HEAD, 1L)
                    .set(REEL.MADE_AT, now)
                    .set(REEL.CHANGED_AT, now)
                    .execute();
            append(tx, id, 1, new ReelStore(tx).known(reel), "{}", "{}", "made", null, editor, Ids.fresh(), now);
        });
        return find(id);
    }

    /**
     * The reel of that id.
     *
     * @throws NotThere when there is none
     */
    public StoredReel find(String id) {
        return one(reels().where(REEL.ID.eq(id))).orElseThrow(() -> new NotThere("There is no such reel."));
    }

    /** The reel of that slug, if there is one. */
    public Optional<StoredReel> bySlug(String slug) {
        return one(reels().where(REEL.SLUG.eq(slug)));
    }

    /** Those that can be read; what cannot takes nothing else down. */
    private List<StoredReel> readable(ResultQuery<? extends Record> rows) {
        List<StoredReel> readable = new ArrayList<>();
        for (Record row : rows.fetch()) {
            try {
                readable.add(stored(row));
            } catch (Unreadable unreadable) {
                LOG.debug("The reel {} is left out: {}", row.get(REEL.ID), unreadable.getMessage());
            }
        }
        return readable;
    }

    /** How many reels there are outside the bin. */
    public int count() {
        return sql.fetchCount(REEL, REEL.BINNED_AT.isNull());
    }

    /** How many reels are in the bin. */
    public int binned() {
        return sql.fetchCount(REEL, REEL.BINNED_AT.isNotNull());
    }

    /** The reels that are live, follow a set and are not in the bin. */
    public List<StoredReel> liveFollowers() {
        return readable(reels().where(REEL.FOLLOWS.isNotNull(), REEL.LIVE.isNotNull(), REEL.BINNED_AT.isNull())
                .orderBy(REEL.ID));
    }

    /** Puts a reel into the bin, or takes it out; what is live is another matter. */
    public void bin(String id, boolean into) {
        sql.update(REEL)
                .set(REEL.BINNED_AT, into ? System.currentTimeMillis() : null)
                .where(REEL.ID.eq(id))
                .execute();
    }

    private SelectJoinStep<? extends Record> reels() {
        return sql.select(
                        REEL.ID,
                        REEL.SLUG,
                        REEL.NAME,
                        REEL.HEAD,
                        REEL.LIVE,
                        REEL.CHANGED_AT,
                        REEL.BINNED_AT,
                        REVISION.DOCUMENT,
                        REVISION.MADE_AT,
                        wasLive())
                .from(REEL)
                .join(REVISION)
                .on(REVISION.REEL_ID.eq(REEL.ID).and(REVISION.NUMBER.eq(REEL.HEAD)));
    }

    private static org.jooq.Field<Boolean> wasLive() {
        return DSL.field(DSL.exists(DSL.selectOne().from(PUBLICATION).where(PUBLICATION.REEL_ID.eq(REEL.ID))))
                .as("was_live");
    }

    private Optional<StoredReel> one(SelectConditionStep<? extends Record> select) {
        return select.fetchOptional().map(this::stored);
    }

    private StoredReel stored(Record row) {
        Reel document = READ.get(row.get(REVISION.DOCUMENT), DocumentJson::read);
        return new StoredReel(
                row.get(REEL.ID),
                row.get(REEL.SLUG),
                row.get(REEL.HEAD),
                following(document, Reel::following),
                following(document, Reel::knowing),
                row.get(REEL.LIVE),
                row.get("was_live", Boolean.class),
                row.get(REVISION.MADE_AT),
                row.get(REEL.CHANGED_AT),
                row.get(REEL.BINNED_AT) != null);
    }

    private Reel following(Reel reel, BiFunction<Reel, List<Member>, Reel> how) {
        Following follows = reel.follows();
        return follows == null ? reel : how.apply(reel, SetStore.members(sql, follows.set()));
    }

    /** After a set has changed: the reels that follow it show other pictures. */
    static void followersSee(DSLContext tx, SetId set) {
        for (StoredReel reel : new ReelStore(tx).followersOf(set)) {
            shows(tx, reel.id(), reel.reel());
            changed(tx, REEL.ID.eq(reel.id()));
        }
    }

    /** After pictures have changed: the reels that show one of them look different. */
    static void picturesChanged(DSLContext tx, Collection<PictureId> pictures) {
        changed(
                tx,
                REEL.ID.in(DSL.select(REEL_PICTURE.REEL_ID)
                        .from(REEL_PICTURE)
                        .where(REEL_PICTURE.PICTURE_ID.in(
                                pictures.stream().map(PictureId::value).toList()))));
    }

    /** Each time another moment than before, so that what was calculated of the former state is told apart. */
    private static void changed(DSLContext tx, Condition which) {
        tx.update(REEL)
                .set(REEL.CHANGED_AT, DSL.greatest(DSL.val(System.currentTimeMillis()), REEL.CHANGED_AT.plus(1L)))
                .where(which)
                .execute();
    }

    /** The reels that follow that set. */
    public List<StoredReel> followersOf(SetId set) {
        return readable(reels().where(REEL.FOLLOWS.eq(set.value())).orderBy(REEL.ID));
    }

    /** The reels that show that picture. */
    public List<StoredReel> showing(PictureId picture) {
        return readable(reels().where(REEL.ID.in(DSL.select(REEL_PICTURE.REEL_ID)
                        .from(REEL_PICTURE)
                        .where(REEL_PICTURE.PICTURE_ID.eq(picture.value()))))
                .orderBy(REEL.NAME));
    }

    /**
     * What a reel was at that revision.
     *
     * @throws NotThere when there is no such revision
     */
    public Reel at(String id, long revision) {
        List<String> kept = sql.select(REVISION.DOCUMENT)
                .from(REVISION)
                .where(REVISION.REEL_ID.eq(id), REVISION.NUMBER.between(revision, revision + WHOLE))
                .orderBy(REVISION.NUMBER)
                .fetch(REVISION.DOCUMENT);
        int place = 0;
        while (place < kept.size() && Patch.is(kept.get(place))) {
            place++;
        }
        if (place == kept.size()) {
            throw new NotThere("There is no such revision.");
        }
        String document = kept.get(place);
        while (place > 0) {
            document = Patch.apply(kept.get(--place), document);
        }
        return DocumentJson.read(document);
    }

    /**
     * What a reel was at that revision as far as it can be shown now: with the slides that a followed set has now, and without
     * pictures that were deleted for good.
     *
     * @throws NotThere when there is no such revision
     */
    public Reel shownAt(String id, long revision) {
        Reel then = followed(at(id, revision));
        Set<PictureId> gone = new LinkedHashSet<>(then.pictures());
        new PictureStore(sql).all(gone).forEach(picture -> gone.remove(picture.id()));
        return gone.isEmpty() ? then : then.without(gone);
    }

    /** A document as it is read now: where it follows a set, with the slides that the set has now. */
    public Reel followed(Reel document) {
        return following(document, Reel::following);
    }

    /** A document as it is kept: where it follows a set, with what is known of slides that are out of it. */
    Reel known(Reel document) {
        return following(document, Reel::knowing);
    }

    /** The names of all reels that are not in the bin, by id, by name. */
    public Map<String, String> names() {
        return sql.select(REEL.ID, REEL.NAME)
                .from(REEL)
                .where(REEL.BINNED_AT.isNull())
                .orderBy(DSL.lower(REEL.NAME), REEL.ID)
                .fetchMap(REEL.ID, REEL.NAME);
    }

    /** Adds a revision to the history of a reel. */
    static void append(
            DSLContext tx,
            String id,
            long number,
            Reel reel,
            String edit,
            String inverse,
            String words,
            @Nullable Long undoes,
            String editor,
            String editId,
            long now) {
        String document = readable(reel);
        Following follows = reel.follows();
        if (follows != null
                && !tx.fetchExists(PICTURE_SET, PICTURE_SET.ID.eq(follows.set().value()))) {
            throw new Refusal("There is no such set. Nothing was changed.");
        }
        tx.insertInto(REVISION)
                .set(REVISION.REEL_ID, id)
                .set(REVISION.NUMBER, number)
                .set(REVISION.DOCUMENT, document)
                .set(REVISION.EDIT, edit)
                .set(REVISION.INVERSE, inverse)
                .set(REVISION.WORDS, words)
                .set(REVISION.UNDOES, undoes)
                .set(REVISION.EDITOR, editor)
                .set(REVISION.EDIT_ID, editId)
                .set(REVISION.MADE_AT, now)
                .execute();
        keepLess(tx, id, number - 1, document);
        shows(tx, id, new ReelStore(tx).followed(reel));
    }

    /**
     * The document of a reel, which is read again before it is kept.
     *
     * @throws Refusal when it could not be read, or would say something else
     */
    private static String readable(Reel reel) {
        String document = DocumentJson.write(reel);
        String again;
        try {
            again = DocumentJson.write(DocumentJson.read(document));
        } catch (Unreadable unreadable) {
            throw new Refusal("That could not be read again, so nothing was changed: " + unreadable.getMessage());
        }
        if (!again.equals(document)) {
            throw new Refusal("That could not be read again as it is, so nothing was changed.");
        }
        return document;
    }

    /** A revision that is no longer the head is kept as what differs, but for one in {@link #WHOLE}. */
    private static void keepLess(DSLContext tx, String id, long number, String next) {
        if (number % WHOLE == 0) {
            return;
        }
        Condition which = REVISION.REEL_ID.eq(id).and(REVISION.NUMBER.eq(number));
        tx.select(REVISION.DOCUMENT)
                .from(REVISION)
                .where(which)
                .fetchOptional(REVISION.DOCUMENT)
                .filter(whole -> !Patch.is(whole))
                .ifPresent(whole -> tx.update(REVISION)
                        .set(REVISION.DOCUMENT, Patch.between(next, whole))
                        .where(which)
                        .execute());
    }

    /** Notes which pictures a reel shows. */
    private static void shows(DSLContext tx, String id, Reel reel) {
        Set<String> now = new LinkedHashSet<>();
        reel.pictures().forEach(picture -> now.add(picture.value()));
        now.addAll(LinedStore.withOriginals(tx, now));
        Set<String> former = tx.select(REEL_PICTURE.PICTURE_ID)
                .from(REEL_PICTURE)
                .where(REEL_PICTURE.REEL_ID.eq(id))
                .fetchSet(REEL_PICTURE.PICTURE_ID);
        List<String> come = now.stream().filter(one -> !former.contains(one)).toList();
        List<String> gone = former.stream().filter(one -> !now.contains(one)).toList();
        if (tx.fetchCount(PICTURE, PICTURE.ID.in(come)) < come.size()) {
            throw new Refusal("That picture is not in the library.");
        }
        if (!gone.isEmpty()) {
            tx.deleteFrom(REEL_PICTURE)
                    .where(REEL_PICTURE.REEL_ID.eq(id), REEL_PICTURE.PICTURE_ID.in(gone))
                    .execute();
        }
        tx.batch(come.stream()
                        .map(picture -> tx.insertInto(REEL_PICTURE)
                                .set(REEL_PICTURE.REEL_ID, id)
                                .set(REEL_PICTURE.PICTURE_ID, picture))
                        .toList())
                .execute();
    }
}
