package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.NAMED_REVISION;
import static com.keenreel.app.store.sql.Tables.REVISION;

import com.keenreel.core.edit.Refusal;
import com.keenreel.core.text.Typed;
import java.util.List;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What was done to a reel, revision by revision, and the names that people gave to some of them. */
@Component
public class HistoryStore {
    private static final int NAME = 80;

    private final DSLContext sql;

    public HistoryStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * One revision.
     *
     * @param words what was done
     * @param editor the window that did it
     * @param madeAt ms since 1970
     * @param name as somebody called it; empty for most
     */
    public record Revision(long number, String words, String editor, long madeAt, String name) {}

    /**
     * The newest revisions, newest first.
     *
     * @param most how many at most
     */
    public List<Revision> newest(String reel, int most) {
        return sql.select(REVISION.NUMBER, REVISION.WORDS, REVISION.EDITOR, REVISION.MADE_AT, NAMED_REVISION.NAME)
                .from(REVISION)
                .leftJoin(NAMED_REVISION)
                .on(NAMED_REVISION.REEL_ID.eq(REVISION.REEL_ID), NAMED_REVISION.NUMBER.eq(REVISION.NUMBER))
                .where(REVISION.REEL_ID.eq(reel))
                .orderBy(REVISION.NUMBER.desc())
                .limit(most)
                .fetch(row ->
                        new Revision(row.value1(), row.value2(), row.value3(), row.value4(), orEmpty(row.value5())));
    }

    private static String orEmpty(@Nullable String name) {
        return name == null ? "" : name;
    }

    /**
     * Calls a revision by a name; an empty one takes the name away.
     *
     * @throws Refusal when the name is too long
     * @throws NotThere when there is no such revision
     */
    public void call(String reel, long number, String name) {
        String plain = Typed.cleaned(name).strip();
        if (plain.length() > NAME) {
            throw new Refusal("The name has " + plain.length() + " characters; " + NAME + " fit.");
        }
        if (!sql.fetchExists(REVISION, REVISION.REEL_ID.eq(reel), REVISION.NUMBER.eq(number))) {
            throw new NotThere("There is no such revision.");
        }
        if (plain.isEmpty()) {
            sql.deleteFrom(NAMED_REVISION)
                    .where(NAMED_REVISION.REEL_ID.eq(reel), NAMED_REVISION.NUMBER.eq(number))
                    .execute();
            return;
        }
        sql.insertInto(NAMED_REVISION)
                .set(NAMED_REVISION.REEL_ID, reel)
                .set(NAMED_REVISION.NUMBER, number)
                .set(NAMED_REVISION.NAME, plain)
                .onConflict(NAMED_REVISION.REEL_ID, NAMED_REVISION.NUMBER)
                .doUpdate()
                .set(NAMED_REVISION.NAME, plain)
                .execute();
    }
}
