package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.MEMBER;
import static com.keenreel.app.store.sql.Tables.ORIGINAL;
import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;

import com.keenreel.app.store.StoredPicture.Found;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.text.Typed;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.FileWords;
import java.time.LocalDateTime;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Pictures: what they are called, what they say, and which version of each is shown. */
@Component
public class PictureStore {
    private final DSLContext sql;

    public PictureStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * The picture that has that content; when there is none it is added, with the work to make its renditions, and says
     * what its file says. The same content that comes twice at the same time is one picture.
     *
     * @param name the name of its file, for a picture that is added
     * @param brought already kept
     */
    public StoredPicture add(String name, Brought brought) {
        return sql.transactionResult(inside -> {
            PictureStore tx = new PictureStore(DSL.using(inside));
            StoredPicture picture = tx.byContent(brought.content()).orElseGet(() -> tx.insert(name, brought));
            Contents.settle(DSL.using(inside), brought.contents());
            return picture;
        });
    }

    private StoredPicture insert(String name, Brought brought) {
        PictureId id = new PictureId(Ids.fresh());
        FileWords words = brought.file().words();
        PictureWords own = PictureWords.ofFile(name, words.title(), words.caption(), words.alt());
        LocalDateTime taken = words.taken();
        sql.insertInto(PICTURE)
                .set(PICTURE.ID, id.value())
                .set(PICTURE.NAME, name)
                .set(PICTURE.TITLE, own.title())
                .set(PICTURE.CAPTION, own.caption())
                .set(PICTURE.ALT, own.alt())
                .set(PICTURE.CREDIT, words.credit())
                .set(PICTURE.TAKEN_AT, taken == null ? null : taken.toString())
                .set(PICTURE.SOUGHT, Sought.of(name, own.title(), own.caption(), own.alt(), words.credit()))
                .set(PICTURE.FOUND, PictureRows.words(said(own, words.credit())))
                .set(PICTURE.ADDED_AT, System.currentTimeMillis())
                .execute();
        String shortened = PictureWords.shortened(words.title(), words.caption(), words.alt());
        VersionStore.show(sql, id, brought.saying(shortened), Adjustment.NONE, null);
        return find(id);
    }

    /** Which of those words are there at all. */
    private static Set<Found> said(PictureWords words, String credit) {
        Set<Found> said = EnumSet.noneOf(Found.class);
        for (Found field : Found.values()) {
            if (!text(field, words, credit).isEmpty()) {
                said.add(field);
            }
        }
        return said;
    }

    private static String text(Found field, PictureWords words, String credit) {
        return switch (field) {
            case TITLE -> words.title();
            case CAPTION -> words.caption();
            case ALT -> words.alt();
            case CREDIT -> credit;
        };
    }

    /** From now on that file is known as the copy from which an original is shown. Both are kept already. */
    public void keepsOriginal(String shown, String original) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.insertInto(ORIGINAL)
                    .set(ORIGINAL.SHOWN, shown)
                    .set(ORIGINAL.SHA256, original)
                    .onConflictDoNothing()
                    .execute();
            Contents.settle(tx, List.of(original));
        });
    }

    /** The picture that shows exactly that content, or a copy of it, or stands for it, if there is one. */
    public Optional<StoredPicture> byContent(String sha256) {
        Condition content = PICTURE_VERSION
                .VIDEO
                .eq(sha256)
                .or(PICTURE_VERSION.SHA256.eq(sha256).and(PICTURE_VERSION.VIDEO.isNull()))
                .or(PICTURE_VERSION.SHA256.in(
                        DSL.select(ORIGINAL.SHOWN).from(ORIGINAL).where(ORIGINAL.SHA256.eq(sha256))));
        return pictures(content.and(PICTURE.LINED_OF.isNull())
                        .and(PICTURE_VERSION.STATE.ne(PictureRows.word(State.FAILED))))
                .stream()
                .findFirst();
    }

    /** What a picture says from now on, wherever a slide does not say something else. */
    public record Saying(PictureId id, PictureWords words, String credit) {
        public Saying {
            credit = Typed.cleaned(credit);
            if (credit.length() > FileWords.CREDIT) {
                throw new IllegalArgumentException(
                        "The credit has " + credit.length() + " characters; " + FileWords.CREDIT + " fit.");
            }
        }
    }

    /** Says what pictures say by themselves, all or none. */
    public void say(Collection<Saying> sayings) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            for (Saying saying : sayings) {
                StoredPicture former = new PictureStore(tx).find(saying.id());
                PictureWords words = saying.words();
                Set<Found> found = EnumSet.noneOf(Found.class);
                found.addAll(former.found());
                found.removeIf(field ->
                        !text(field, words, saying.credit()).equals(text(field, former.words(), former.credit())));
                tx.update(PICTURE)
                        .set(PICTURE.TITLE, words.title())
                        .set(PICTURE.CAPTION, words.caption())
                        .set(PICTURE.ALT, words.alt())
                        .set(PICTURE.CREDIT, saying.credit())
                        .set(PICTURE.LINK, words.link())
                        .set(
                                PICTURE.SOUGHT,
                                Sought.of(former.name(), words.title(), words.caption(), words.alt(), saying.credit()))
                        .set(PICTURE.FOUND, PictureRows.words(found))
                        .where(PICTURE.ID.eq(saying.id().value()))
                        .execute();
                LinedStore.say(tx, saying.id());
            }
            ReelStore.picturesChanged(tx, sayings.stream().map(Saying::id).toList());
        });
    }

    /** Somebody has looked at what was found in those pictures' files: it is what they say. */
    public void looked(Collection<PictureId> ids) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.update(PICTURE)
                    .set(PICTURE.FOUND, "")
                    .where(PICTURE.ID.in(values(ids)))
                    .execute();
            ReelStore.picturesChanged(tx, ids);
        });
    }

    /** Puts pictures into the bin, or takes them out of it; reels that follow a set of theirs show others at once. */
    public void bin(Collection<PictureId> ids, boolean into) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            tx.update(PICTURE)
                    .set(PICTURE.BINNED_AT, into ? System.currentTimeMillis() : null)
                    .where(
                            PICTURE.ID.in(values(ids)),
                            into ? PICTURE.BINNED_AT.isNull() : PICTURE.BINNED_AT.isNotNull())
                    .execute();
            tx.selectDistinct(MEMBER.SET_ID)
                    .from(MEMBER)
                    .where(MEMBER.PICTURE_ID.in(values(ids)))
                    .fetch(row -> new SetId(row.value1()))
                    .forEach(set -> ReelStore.followersSee(tx, set));
        });
    }

    private static List<String> values(Collection<PictureId> ids) {
        return ids.stream().map(PictureId::value).toList();
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
        return pictures(PICTURE.ID.in(values(ids)));
    }

    private List<StoredPicture> pictures(Condition which) {
        return PictureRows.select(
                sql, which, List.of(PICTURE.ADDED_AT.desc(), PICTURE_VERSION.ID.desc()), 0, Integer.MAX_VALUE);
    }

    /** Who a picture is by; empty when that is not said. */
    public String credit(PictureId id) {
        return sql.select(PICTURE.CREDIT)
                .from(PICTURE)
                .where(PICTURE.ID.eq(id.value()))
                .fetchOptional(PICTURE.CREDIT)
                .orElse("");
    }
}
