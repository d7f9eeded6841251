package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.REEL;
import static com.keenreel.app.store.sql.Tables.REVISION;

import com.keenreel.app.document.DocumentJson;
import com.keenreel.app.document.EditJson;
import com.keenreel.app.store.sql.tables.records.RevisionRecord;
import com.keenreel.core.edit.Difference;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.FollowSet;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.edit.SetSideName;
import com.keenreel.core.edit.SetSidePicture;
import com.keenreel.core.edit.SetWords;
import com.keenreel.core.edit.Several;
import com.keenreel.core.edit.Undoing;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is done to reels: edits, taken back and done again, each one more revision. History is only ever added to. */
@Component
public class EditStore {
    private final DSLContext sql;

    public EditStore(DSLContext sql) {
        this.sql = sql;
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
                throw new Conflict(current(head.reel(), edit), head.revision());
            }
            Edit seen = edit instanceof FollowSet follow ? follow.seeing(head.reel()) : edit;
            Edit whole = seen instanceof SetSidePicture exchanged ? LinedStore.apart(tx, head.reel(), exchanged) : seen;
            return appendEdit(tx, head, whole, edit.say(head.reel()), null, editor, editId);
        });
    }

    /**
     * Makes a reel what it was at that revision.
     *
     * @throws Refusal when it is like that already
     */
    public StoredReel bringBack(String id, long revision, String editor, String editId) {
        Reel then = new ReelStore(sql).shownAt(id, revision);
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
            return appendEdit(tx, head, new Several(edits), words, null, editor, editId);
        });
    }

    /** What was done after that revision, in words, oldest first. */
    public List<String> since(String id, long revision) {
        return sql.select(REVISION.WORDS)
                .from(REVISION)
                .where(REVISION.REEL_ID.eq(id), REVISION.NUMBER.gt(revision))
                .orderBy(REVISION.NUMBER)
                .fetch(REVISION.WORDS);
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
            return appendEdit(tx, head, inverse, what + words, target, editor, editId);
        });
    }

    private interface Change {
        StoredReel in(DSLContext tx, StoredReel head);
    }

    private StoredReel change(String id, String editId, Change change) {
        if (editId.isEmpty()) {
            throw new IllegalArgumentException(
                    "An edit needs an id of its own: without one it is not told from the next.");
        }
        return sql.transactionResult(inside -> {
            DSLContext tx = DSL.using(inside);
            StoredReel head = new ReelStore(tx).find(id);
            boolean done = tx.fetchExists(REVISION, REVISION.REEL_ID.eq(id), REVISION.EDIT_ID.eq(editId));
            return done ? head : change.in(tx, head);
        });
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
        if (edit instanceof SetSideName named) {
            return reel.slide(named.slide())
                    .filter(slide -> slide.carries() instanceof Carries.Pair)
                    .map(slide -> ((Carries.Pair) slide.carries()).name(named.side()))
                    .orElse("");
        }
        if (edit instanceof SetWords say) {
            String said = reel.slide(say.slide())
                    .map(slide -> slide.words().said(say.field()))
                    .orElse("");
            return said == null ? "" : said;
        }
        return edit instanceof Rename ? reel.name() : "";
    }

    private static StoredReel appendEdit(
            DSLContext tx,
            StoredReel head,
            Edit edit,
            String words,
            @Nullable Long undoes,
            String editor,
            String editId) {
        Edit inverse = edit.inverseOn(head.known());
        Reel changed = new ReelStore(tx).known(edit.applyTo(head.known()));
        long now = System.currentTimeMillis();
        long number = head.revision() + 1;
        ReelStore.append(
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
        return head.changed(number, new ReelStore(tx).followed(changed), changed, now);
    }
}
