package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;

import com.keenreel.app.store.StoredPicture.Lined;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.core.align.Warp;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.SetSidePicture;
import com.keenreel.core.edit.Several;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.imaging.Evening;
import com.keenreel.imaging.Format;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/**
 * Pictures that are made of another one by lining it up with a third. They are shown like others and say what the one they are
 * made of says; the library does not list them, and they follow both when these are replaced, turned or trimmed.
 */
@Component
public class LinedStore {
    private final DSLContext sql;

    public LinedStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * The picture that is made like that, made now where there is none yet.
     *
     * @param of what is lined up
     * @param with what it is lined up with
     * @param warp where each point of that one, whole, is in the other, whole
     * @param evening what its colours are brought to
     * @throws Refusal where one of them has no pixels, or moves
     */
    public PictureId lined(PictureId of, PictureId with, Warp warp, Evening evening) {
        String by = PictureRows.words(warp, evening);
        return sql.transactionResult(inside -> {
            DSLContext tx = DSL.using(inside);
            StoredPicture original = new PictureStore(tx).find(of);
            refuse(original.version());
            refuse(new PictureStore(tx).find(with).version());
            String there = tx.select(PICTURE.ID)
                    .from(PICTURE)
                    .where(
                            PICTURE.LINED_OF.eq(of.value()),
                            PICTURE.LINED_WITH.eq(with.value()),
                            PICTURE.LINED_BY.eq(by))
                    .fetchAny(PICTURE.ID);
            return there != null ? new PictureId(there) : make(tx, of, with, by);
        });
    }

    private static boolean isPhotograph(Version version) {
        return version.format() != Format.SVG && version.video() == null;
    }

    private static void refuse(Version version) {
        if (!isPhotograph(version)) {
            throw new Refusal("Only photographs are lined up, no drawings and no videos.");
        }
    }

    private static PictureId make(DSLContext tx, PictureId of, PictureId with, String by) {
        var copy = tx.fetchSingle(PICTURE, PICTURE.ID.eq(of.value())).copy();
        PictureId id = new PictureId(Ids.fresh());
        copy.setId(id.value());
        copy.setVersionId(null);
        copy.setLinedOf(of.value());
        copy.setLinedWith(with.value());
        copy.setLinedBy(by);
        copy.setFound("");
        copy.store();
        show(tx, id);
        return id;
    }

    /** Shows a picture that was lined up as what it is made of, and what it is lined up with, are shown now. */
    private static void show(DSLContext tx, PictureId id) {
        var row = tx.fetchSingle(PICTURE, PICTURE.ID.eq(id.value()));
        PictureStore pictures = new PictureStore(tx);
        Version of = pictures.find(new PictureId(row.getLinedOf())).version();
        Version with = pictures.find(new PictureId(row.getLinedWith())).version();
        if (!isPhotograph(of) || !isPhotograph(with)) {
            return; // it stays as it was made of what was there before
        }
        Warp by = with.adjustment().part().then(PictureRows.warp(row.getLinedBy()));
        var copy =
                tx.fetchSingle(PICTURE_VERSION, PICTURE_VERSION.ID.eq(of.id())).copy();
        copy.setPictureId(id.value());
        copy.setWidth((long) with.width());
        copy.setHeight((long) with.height());
        copy.setBytes(0L); // its file is the other one's
        copy.setTrimmed("0 0 0 0");
        copy.setLinedBy(PictureRows.words(by, PictureRows.evening(row.getLinedBy())));
        copy.setFocalX(null);
        copy.setFocalY(null);
        copy.setTraits(null);
        copy.setCopySha256(null);
        copy.setPlaceholder(null);
        copy.setState(PictureRows.word(State.WAITING));
        copy.setProblem(null);
        copy.setNote("");
        copy.setAddedAt(System.currentTimeMillis());
        copy.store();
        VersionStore.startNewest(tx, id);
    }

    /** Where the other side was lined up with the picture that is exchanged, it is shown as it was taken again. */
    static Edit apart(DSLContext tx, Reel reel, SetSidePicture exchanged) {
        Slide slide = reel.slide(exchanged.slide()).orElse(null);
        if (slide == null || !(slide.carries() instanceof Carries.Pair pair)) {
            return exchanged;
        }
        Side other = exchanged.side().other();
        Lined lined = new PictureStore(tx)
                .all(List.of(pair.picture(other))).stream()
                        .flatMap(picture -> Stream.ofNullable(picture.lined()))
                        .findFirst()
                        .orElse(null);
        PictureId former = pair.picture(exchanged.side());
        if (lined == null || !lined.with().equals(former) || exchanged.picture().equals(former)) {
            return exchanged;
        }
        return new Several(List.of(exchanged, new SetSidePicture(slide.id(), other, lined.of())));
    }

    /** What is made of that picture, or lined up with it, is made anew; so is what is made of that. */
    static void follow(DSLContext tx, PictureId id) {
        made(tx, PICTURE.LINED_OF.eq(id.value()).or(PICTURE.LINED_WITH.eq(id.value())))
                .forEach(one -> {
                    show(tx, one);
                    follow(tx, one);
                });
    }

    private static List<PictureId> made(DSLContext tx, Condition which) {
        return tx.select(PICTURE.ID).from(PICTURE).where(which).fetch(row -> new PictureId(row.value1()));
    }

    /** Those pictures, what is made of them or with them, and what is made of that. */
    public Set<PictureId> withMadeOf(Collection<PictureId> ids) {
        Set<PictureId> all = new LinkedHashSet<>(ids);
        List<PictureId> fresh = List.copyOf(ids);
        while (!fresh.isEmpty()) {
            List<String> values = fresh.stream().map(PictureId::value).toList();
            fresh = made(sql, PICTURE.LINED_OF.in(values).or(PICTURE.LINED_WITH.in(values))).stream()
                    .filter(all::add)
                    .toList();
        }
        return all;
    }

    /** Those pictures, and what they are made of. */
    static Collection<String> withOriginals(DSLContext tx, Collection<String> ids) {
        List<String> all = new ArrayList<>(ids);
        all.addAll(tx.select(PICTURE.LINED_OF)
                .from(PICTURE)
                .where(PICTURE.ID.in(ids), PICTURE.LINED_OF.isNotNull())
                .fetch(PICTURE.LINED_OF));
        return all;
    }

    /** What was made of a picture says what that says. */
    static void say(DSLContext tx, PictureId original) {
        for (PictureId id : made(tx, PICTURE.LINED_OF.eq(original.value()))) {
            var from = tx.fetchSingle(PICTURE, PICTURE.ID.eq(original.value()));
            tx.update(PICTURE)
                    .set(PICTURE.TITLE, from.getTitle())
                    .set(PICTURE.CAPTION, from.getCaption())
                    .set(PICTURE.ALT, from.getAlt())
                    .set(PICTURE.CREDIT, from.getCredit())
                    .set(PICTURE.LINK, from.getLink())
                    .where(PICTURE.ID.eq(id.value()))
                    .execute();
            ReelStore.picturesChanged(tx, List.of(id));
        }
    }
}
