package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.REEL;
import static com.keenreel.app.store.sql.Tables.REEL_PICTURE;
import static com.keenreel.app.store.sql.Tables.REVISION;

import com.keenreel.app.store.sql.tables.records.RevisionRecord;
import com.keenreel.core.edit.Difference;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.edit.Say;
import com.keenreel.core.edit.Several;
import com.keenreel.core.edit.Undoing;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import java.text.Normalizer;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.jooq.SelectConditionStep;
import org.jooq.SelectJoinStep;
import org.jooq.exception.DataAccessException;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reels and their histories. History is only ever added to. */
@Component
public class ReelStore {
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
                    .set(REEL.SLUG, freeSlug(tx, reel.name()))
                    .set(REEL.NAME, reel.name())
                    .set(REEL.HEAD, 1L)
                    .set(REEL.MADE_AT, now)
                    .set(REEL.CHANGED_AT, now)
                    .execute();
            append(tx, id, 1, reel, "{}", "{}", "made", null, editor, Ids.fresh(), now);
        });
        return find(id);
    }

    private static String freeSlug(DSLContext tx, String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String wanted = plain.isEmpty() ? "reel" : plain.substring(0, Math.min(60, plain.length()));
        String slug = wanted;
        for (int n = 2; tx.fetchExists(REEL, REEL.SLUG.eq(slug)); n++) {
            slug = wanted + "-" + n;
        }
        return slug;
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

    /** All reels, changed last first, without those in the bin. */
    public List<StoredReel> all() {
        return reels().where(REEL.BINNED_AT.isNull())
                .orderBy(REEL.CHANGED_AT.desc(), REEL.ID)
                .fetch(this::stored);
    }

    /** The reels in the bin, binned last first. */
    public List<StoredReel> binned() {
        return reels().where(REEL.BINNED_AT.isNotNull())
                .orderBy(REEL.BINNED_AT.desc(), REEL.ID)
                .fetch(this::stored);
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
                        REEL.HEAD,
                        REEL.LIVE,
                        REEL.CHANGED_AT,
                        REEL.BINNED_AT,
                        REVISION.DOCUMENT,
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
        return select.fetchOptional(this::stored);
    }

    private StoredReel stored(Record row) {
        return new StoredReel(
                row.get(REEL.ID),
                row.get(REEL.SLUG),
                row.get(REEL.HEAD),
                followed(sql, DocumentJson.read(row.get(REVISION.DOCUMENT))),
                row.get(REEL.LIVE),
                row.get("was_live", Boolean.class),
                row.get(REEL.CHANGED_AT),
                row.get(REEL.BINNED_AT) != null);
    }

    /** A reel that follows a set has the slides that the set has now. */
    private static Reel followed(DSLContext tx, Reel reel) {
        Following follows = reel.follows();
        return follows == null ? reel : reel.following(SetStore.members(tx, follows.set()));
    }

    /** After a set has changed: the reels that follow it show other pictures. */
    static void followersSee(DSLContext tx, SetId set) {
        for (StoredReel reel : new ReelStore(tx).followersOf(set)) {
            shows(tx, reel.id(), reel.reel());
            tx.update(REEL)
                    .set(REEL.CHANGED_AT, System.currentTimeMillis())
                    .where(REEL.ID.eq(reel.id()))
                    .execute();
        }
    }

    /** The reels that follow that set. */
    public List<StoredReel> followersOf(SetId set) {
        return reels().where(REEL.FOLLOWS.eq(set.value())).orderBy(REEL.ID).fetch(this::stored);
    }

    /** The reels that show that picture. */
    public List<StoredReel> showing(PictureId picture) {
        return reels().where(REEL.ID.in(DSL.select(REEL_PICTURE.REEL_ID)
                        .from(REEL_PICTURE)
                        .where(REEL_PICTURE.PICTURE_ID.eq(picture.value()))))
                .orderBy(REEL.NAME)
                .fetch(this::stored);
    }

    /**
     * What a reel was at that revision.
     *
     * @throws NotThere when there is no such revision
     */
    public Reel at(String id, long revision) {
        return DocumentJson.read(sql.select(REVISION.DOCUMENT)
                .from(REVISION)
                .where(REVISION.REEL_ID.eq(id), REVISION.NUMBER.eq(revision))
                .fetchOptional(REVISION.DOCUMENT)
                .orElseThrow(() -> new NotThere("There is no such revision.")));
    }

    /** A document as it is read now: where it follows a set, with the slides that the set has now. */
    public Reel followed(Reel document) {
        return followed(sql, document);
    }

    /** What was done after that revision, in words, oldest first. */
    public List<String> since(String id, long revision) {
        return sql.select(REVISION.WORDS)
                .from(REVISION)
                .where(REVISION.REEL_ID.eq(id), REVISION.NUMBER.gt(revision))
                .orderBy(REVISION.NUMBER)
                .fetch(REVISION.WORDS);
    }

    /**
     * Stores an edit as a new revision. The same {@code editId} again changes nothing.
     *
     * @param on the revision that the editor saw
     * @throws Refusal when it cannot be done
     * @throws Conflict when somebody else typed the same words since {@code on}
     */
    public StoredReel apply(String id, Edit edit, String editor, String editId, long on) {
        return change(id, editId, (tx, head) -> {
            if (edit.isTyped() && someoneElseTouched(tx, id, edit.touches(), editor, on)) {
                throw new Conflict(current(head.reel(), edit));
            }
            appendEdit(tx, head, edit, edit.say(head.reel()), null, editor, editId);
        });
    }

    /**
     * Makes a reel what it was at that revision.
     *
     * @throws Refusal when it is like that already
     */
    public StoredReel bringBack(String id, long revision, String editor, String editId) {
        Reel then = followed(at(id, revision));
        return step(id, editor, editId, "revision " + revision + " brought back", now -> then);
    }

    /**
     * Makes a reel into another one by the edits that lead there. They are one step of the history, and can be undone
     * like any other.
     *
     * @param words what is done
     * @throws Refusal when nothing would change
     */
    public StoredReel step(String id, String editor, String editId, String words, UnaryOperator<Reel> how) {
        return change(id, editId, (tx, head) -> {
            List<Edit> edits = Difference.between(head.reel(), how.apply(head.reel()));
            if (edits.isEmpty()) {
                throw new Refusal("It is like that already; nothing was changed.");
            }
            appendEdit(tx, head, new Several(edits), words, null, editor, editId);
        });
    }

    /** The names of all reels that are not in the bin, by id, by name. */
    public Map<String, String> names() {
        return sql.select(REEL.ID, REEL.NAME)
                .from(REEL)
                .where(REEL.BINNED_AT.isNull())
                .orderBy(DSL.lower(REEL.NAME), REEL.ID)
                .fetchMap(REEL.ID, REEL.NAME);
    }

    /** Takes back the last edit of that editor. */
    public StoredReel undo(String id, String editor, String editId) {
        return takeBack(id, editor, editId, "undone: ", Undoing::toUndo, "There is nothing of yours to undo.");
    }

    /** Does again what that editor undid last. */
    public StoredReel redo(String id, String editor, String editId) {
        return takeBack(id, editor, editId, "redone: ", Undoing::toRedo, "There is nothing to do again.");
    }

    /** What that editor can undo and redo. */
    public Undoing undoing(String id, String editor) {
        return undoing(sql, id, editor);
    }

    private static Undoing undoing(DSLContext tx, String id, String editor) {
        return new Undoing(tx.select(REVISION.NUMBER, REVISION.UNDOES)
                .from(REVISION)
                .where(REVISION.REEL_ID.eq(id), REVISION.EDITOR.eq(editor), REVISION.NUMBER.gt(1L))
                .orderBy(REVISION.NUMBER)
                .fetch(row -> new Undoing.Step(row.value1(), row.value2())));
    }

    private StoredReel takeBack(
            String id,
            String editor,
            String editId,
            String what,
            java.util.function.Function<Undoing, Optional<Long>> which,
            String nothing) {
        return change(id, editId, (tx, head) -> {
            long target = which.apply(undoing(tx, id, editor)).orElseThrow(() -> new Refusal(nothing));
            RevisionRecord former =
                    tx.fetchSingle(REVISION, REVISION.REEL_ID.eq(id).and(REVISION.NUMBER.eq(target)));
            Edit inverse = EditJson.read(DocumentJson.MAPPER.readTree(former.getInverse()));
            if (someoneElseTouched(tx, id, inverse.touches(), editor, target)) {
                throw new Refusal("This cannot be taken back: somebody else has changed the same thing since.");
            }
            String words = former.getWords().replaceFirst("^(undone|redone): ", "");
            appendEdit(tx, head, inverse, what + words, target, editor, editId);
        });
    }

    private interface Change {
        void in(DSLContext tx, StoredReel head);
    }

    private StoredReel change(String id, String editId, Change change) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            if (!tx.fetchExists(REVISION, REVISION.REEL_ID.eq(id), REVISION.EDIT_ID.eq(editId))) {
                change.in(tx, new ReelStore(tx).find(id));
            }
        });
        return find(id);
    }

    private static boolean someoneElseTouched(DSLContext tx, String id, Set<String> keys, String editor, long after) {
        List<String> edits = tx.select(REVISION.EDIT)
                .from(REVISION)
                .where(REVISION.REEL_ID.eq(id), REVISION.NUMBER.gt(after), REVISION.EDITOR.ne(editor))
                .fetch(REVISION.EDIT);
        for (String edit : edits) {
            Set<String> touched = new HashSet<>(
                    EditJson.read(DocumentJson.MAPPER.readTree(edit)).touches());
            touched.retainAll(keys);
            if (!touched.isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private static String current(Reel reel, Edit edit) {
        if (edit instanceof Say say) {
            String said = reel.slide(say.slide())
                    .map(slide -> slide.words().said(say.field()))
                    .orElse("");
            return said == null ? "" : said;
        }
        return edit instanceof Rename ? reel.name() : "";
    }

    private static void appendEdit(
            DSLContext tx,
            StoredReel head,
            Edit edit,
            String words,
            @Nullable Long undoes,
            String editor,
            String editId) {
        Edit inverse = edit.inverseOn(head.reel());
        Reel changed = edit.applyTo(head.reel());
        long now = System.currentTimeMillis();
        long number = head.revision() + 1;
        append(
                tx,
                head.id(),
                number,
                changed,
                EditJson.write(edit).toString(),
                EditJson.write(inverse).toString(),
                words,
                undoes,
                editor,
                editId,
                now);
        Following follows = changed.follows();
        tx.update(REEL)
                .set(REEL.FOLLOWS, follows == null ? null : follows.set().value())
                .set(REEL.HEAD, number)
                .set(REEL.NAME, changed.name())
                .set(REEL.CHANGED_AT, now)
                .where(REEL.ID.eq(head.id()))
                .execute();
    }

    private static void append(
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
        tx.insertInto(REVISION)
                .set(REVISION.REEL_ID, id)
                .set(REVISION.NUMBER, number)
                .set(REVISION.DOCUMENT, DocumentJson.write(reel))
                .set(REVISION.EDIT, edit)
                .set(REVISION.INVERSE, inverse)
                .set(REVISION.WORDS, words)
                .set(REVISION.UNDOES, undoes)
                .set(REVISION.EDITOR, editor)
                .set(REVISION.EDIT_ID, editId)
                .set(REVISION.MADE_AT, now)
                .execute();
        shows(tx, id, followed(tx, reel));
    }

    private static void shows(DSLContext tx, String id, Reel reel) {
        tx.deleteFrom(REEL_PICTURE).where(REEL_PICTURE.REEL_ID.eq(id)).execute();
        for (var picture : reel.pictures()) {
            try {
                tx.insertInto(REEL_PICTURE)
                        .set(REEL_PICTURE.REEL_ID, id)
                        .set(REEL_PICTURE.PICTURE_ID, picture.value())
                        .execute();
            } catch (DataAccessException unknown) {
                throw new Refusal("That picture is not in the library.");
            }
        }
    }
}
