package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.MEMBER;
import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.REEL_PICTURE;

import com.keenreel.app.store.Library.Counts;
import com.keenreel.app.store.Library.Found;
import com.keenreel.app.store.Library.Wanted;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.core.reel.PictureId;
import java.util.List;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.SortField;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;

/** Finds pictures. */
@Component
public class LibraryStore {
    private final DSLContext sql;

    public LibraryStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A page of the pictures that the wish asks for, in its order.
     *
     * @param from how many are left out at the start
     * @param most how many at most
     */
    public Found find(Wanted wanted, int from, int most) {
        Condition which = condition(wanted);
        var counted = sql.select(
                        DSL.count(),
                        DSL.count().filterWhere(PICTURE.ALT.eq("")),
                        DSL.count().filterWhere(PICTURE.FOUND.ne("")))
                .from(PICTURE)
                .where(which)
                .fetchSingle();
        return new Found(
                PictureRows.select(sql, which, order(wanted), from, most),
                counted.value1(),
                counted.value2(),
                counted.value3());
    }

    private static Condition condition(Wanted wanted) {
        Condition which = wanted.binned() ? PICTURE.BINNED_AT.isNotNull() : PICTURE.BINNED_AT.isNull();
        which = which.and(whole()).and(PICTURE.LINED_OF.isNull());
        which = which.and(Sought.in(PICTURE.SOUGHT, wanted.text()));
        if (wanted.set() != null) {
            which = which.and(PICTURE.ID.in(DSL.select(MEMBER.PICTURE_ID)
                    .from(MEMBER)
                    .where(MEMBER.SET_ID.eq(wanted.set().value()))));
        }
        if (wanted.used() != null) {
            Condition used =
                    DSL.exists(DSL.selectOne().from(REEL_PICTURE).where(REEL_PICTURE.PICTURE_ID.eq(PICTURE.ID)));
            which = which.and(wanted.used() ? used : DSL.not(used));
        }
        if (wanted.described() != null) {
            which = which.and(wanted.described() ? PICTURE.ALT.ne("") : PICTURE.ALT.eq(""));
        }
        if (wanted.found()) {
            which = which.and(PICTURE.FOUND.ne(""));
        }
        if (wanted.among() != null) {
            which = which.and(
                    PICTURE.ID.in(wanted.among().stream().map(PictureId::value).toList()));
        }
        return which;
    }

    /** Without those of which nothing can be shown; there are few, and an index of their own has them. */
    private static Condition whole() {
        return PICTURE.VERSION_ID.notIn(DSL.select(PICTURE_VERSION.ID)
                .from(PICTURE_VERSION)
                .where(PICTURE_VERSION.STATE.eq(DSL.inline(PictureRows.word(State.FAILED)))));
    }

    private static List<SortField<?>> order(Wanted wanted) {
        return switch (wanted.order()) {
            case NEWEST -> List.of(PICTURE.ADDED_AT.desc(), PICTURE.ID.asc());
            case OLDEST -> List.of(PICTURE.ADDED_AT.asc(), PICTURE.ID.asc());
            case NAME -> List.of(DSL.lower(PICTURE.NAME).asc(), PICTURE.ID.asc());
            case TAKEN -> List.of(PICTURE.TAKEN_AT.asc().nullsLast(), PICTURE.ID.asc());
            case LAID_OUT ->
                wanted.set() == null
                        ? List.of(PICTURE.ADDED_AT.desc(), PICTURE.ID.asc())
                        : List.of(DSL.field(DSL.select(MEMBER.POSITION)
                                        .from(MEMBER)
                                        .where(
                                                MEMBER.SET_ID.eq(wanted.set().value()),
                                                MEMBER.PICTURE_ID.eq(PICTURE.ID)))
                                .asc());
        };
    }

    /** How much there is of everything. */
    public Counts counts() {
        Condition here = PICTURE.BINNED_AT.isNull().and(whole()).and(PICTURE.LINED_OF.isNull());
        var unused = DSL.notExists(DSL.selectOne().from(REEL_PICTURE).where(REEL_PICTURE.PICTURE_ID.eq(PICTURE.ID)));
        var counted = sql.select(
                        DSL.count().filterWhere(here),
                        DSL.count().filterWhere(here.and(unused)),
                        DSL.count().filterWhere(PICTURE.BINNED_AT.isNotNull().and(PICTURE.LINED_OF.isNull())))
                .from(PICTURE)
                .fetchSingle();
        Number bytes = sql.select(DSL.coalesce(DSL.sum(PICTURE_VERSION.BYTES), DSL.inline(java.math.BigDecimal.ZERO)))
                .from(PICTURE_VERSION)
                .fetchSingle()
                .value1();
        return new Counts(counted.value1(), counted.value2(), counted.value3(), bytes.longValue());
    }
}
