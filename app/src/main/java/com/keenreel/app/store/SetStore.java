package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.MEMBER;
import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_SET;
import static com.keenreel.app.store.sql.Tables.REEL;

import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Member;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.text.Typed;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Sets of pictures: named, and laid out in an order of their own. */
@Component
public class SetStore {
    private final DSLContext sql;

    public SetStore(DSLContext sql) {
        this.sql = sql;
    }

    /**
     * A set as lists show it.
     *
     * @param pictures how many it has
     * @param followers how many reels follow it
     * @param first its first pictures, at most 3
     */
    public record Stored(SetId id, String name, int pictures, int followers, List<PictureId> first) {}

    /**
     * What a set is called and has.
     *
     * @param order its pictures as they are laid out, those in the bin too
     */
    public record Contents(String name, List<PictureId> order) {}

    /** An id that no set has. */
    public SetId freshId() {
        return new SetId(Ids.fresh());
    }

    /**
     * Makes a set, unless there is one of that id.
     *
     * @throws Refusal when it has no name
     */
    public SetId make(SetId id, String name) {
        sql.insertInto(PICTURE_SET)
                .set(PICTURE_SET.ID, id.value())
                .set(PICTURE_SET.NAME, named(name))
                .set(PICTURE_SET.MADE_AT, System.currentTimeMillis())
                .onConflictDoNothing()
                .execute();
        return id;
    }

    /**
     * What a set is called and has at present.
     *
     * @throws NotThere when there is no such set
     */
    public Contents contents(SetId id) {
        String name = sql.select(PICTURE_SET.NAME)
                .from(PICTURE_SET)
                .where(PICTURE_SET.ID.eq(id.value()))
                .fetchOptional(PICTURE_SET.NAME)
                .orElseThrow(() -> new NotThere("There is no such set."));
        return new Contents(name, order(sql, id));
    }

    /** Makes a set what it was once; pictures that are no longer there are left out. */
    public void contain(SetId id, Contents contents) {
        rename(id, contents.name());
        Set<PictureId> there = new HashSet<>(sql.select(PICTURE.ID)
                .from(PICTURE)
                .where(PICTURE.ID.in(
                        contents.order().stream().map(PictureId::value).toList()))
                .fetch(row -> new PictureId(row.value1())));
        change(
                id,
                now -> contents.order().stream()
                        .filter(there::contains)
                        .distinct()
                        .toList());
    }

    private static String named(String name) {
        String plain = Typed.cleaned(name).strip();
        if (plain.isEmpty() || plain.length() > 120) {
            throw new Refusal("A set's name has 1 to 120 characters.");
        }
        return plain;
    }

    /** Gives a set another name. */
    public void rename(SetId id, String name) {
        sql.update(PICTURE_SET)
                .set(PICTURE_SET.NAME, named(name))
                .where(PICTURE_SET.ID.eq(id.value()))
                .execute();
    }

    /**
     * Takes a set away; its pictures stay.
     *
     * @throws Refusal when a reel follows it
     */
    public void remove(SetId id) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            List<String> followers = tx.select(REEL.NAME)
                    .from(REEL)
                    .where(REEL.FOLLOWS.eq(id.value()))
                    .fetch(REEL.NAME);
            if (!followers.isEmpty()) {
                throw new Refusal("The reel " + String.join(", ", followers)
                        + " follows this set. Let it be picked by hand first; its slides stay.");
            }
            tx.deleteFrom(PICTURE_SET).where(PICTURE_SET.ID.eq(id.value())).execute();
        });
    }

    /** Adds pictures at the end, those that are not in it yet. */
    public void add(SetId id, Collection<PictureId> pictures) {
        change(id, order -> {
            Set<PictureId> all = new LinkedHashSet<>(order);
            all.addAll(pictures);
            return new ArrayList<>(all);
        });
    }

    /** Takes pictures out; they stay in the library. */
    public void takeOut(SetId id, Collection<PictureId> pictures) {
        change(id, order -> {
            List<PictureId> rest = new ArrayList<>(order);
            rest.removeAll(Set.copyOf(pictures));
            return rest;
        });
    }

    /** Lays out pictures before another; at the end when that is null or not in the set. */
    public void move(SetId id, List<PictureId> pictures, @Nullable PictureId before) {
        change(id, order -> {
            List<PictureId> moved = order.stream().filter(pictures::contains).toList();
            List<PictureId> rest = new ArrayList<>(order);
            rest.removeAll(moved);
            int at = before == null ? -1 : rest.indexOf(before);
            rest.addAll(at < 0 ? rest.size() : at, moved);
            return rest;
        });
    }

    /** Lays the whole set out by that order, once. */
    public void sort(SetId id, SetOrder order) {
        List<Member> sorted = order.of(members(sql, id));
        change(id, now -> {
            Set<PictureId> all =
                    new LinkedHashSet<>(sorted.stream().map(Member::picture).toList());
            all.addAll(now); // those in the bin
            return new ArrayList<>(all);
        });
    }

    private interface Change {
        List<PictureId> of(List<PictureId> order);
    }

    private void change(SetId id, Change change) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            if (!tx.fetchExists(PICTURE_SET, PICTURE_SET.ID.eq(id.value()))) {
                throw new NotThere("There is no such set.");
            }
            List<PictureId> changed = change.of(order(tx, id));
            if (tx.fetchCount(
                            PICTURE,
                            PICTURE.ID.in(changed.stream().map(PictureId::value).toList()))
                    < changed.size()) {
                throw new Refusal("A picture that is to come into the set is not in the library.");
            }
            tx.deleteFrom(MEMBER).where(MEMBER.SET_ID.eq(id.value())).execute();
            var insert = tx.insertInto(MEMBER, MEMBER.SET_ID, MEMBER.PICTURE_ID, MEMBER.POSITION);
            for (int i = 0; i < changed.size(); i++) {
                insert = insert.values(id.value(), changed.get(i).value(), (long) i);
            }
            if (!changed.isEmpty()) {
                insert.execute();
            }
            ReelStore.followersSee(tx, id);
        });
    }

    private static List<PictureId> order(DSLContext tx, SetId id) {
        return tx.select(MEMBER.PICTURE_ID)
                .from(MEMBER)
                .where(MEMBER.SET_ID.eq(id.value()))
                .orderBy(MEMBER.POSITION)
                .fetch(row -> new PictureId(row.value1()));
    }

    /** The pictures of a set that are not in the bin, as they are laid out. */
    public List<Member> members(SetId id) {
        return members(sql, id);
    }

    static List<Member> members(DSLContext tx, SetId id) {
        return tx.select(PICTURE.ID, PICTURE.NAME, PICTURE.TAKEN_AT)
                .from(MEMBER)
                .join(PICTURE)
                .on(PICTURE.ID.eq(MEMBER.PICTURE_ID))
                .where(MEMBER.SET_ID.eq(id.value()), PICTURE.BINNED_AT.isNull())
                .orderBy(MEMBER.POSITION)
                .fetch(row -> {
                    String taken = row.get(PICTURE.TAKEN_AT);
                    return new Member(
                            new PictureId(row.get(PICTURE.ID)),
                            row.get(PICTURE.NAME),
                            taken == null ? null : LocalDateTime.parse(taken));
                });
    }

    /** What sets are called. */
    public record Named(SetId id, String name) {}

    /** The names of all sets, by name. */
    public List<Named> names() {
        return sql
                .select(PICTURE_SET.ID, PICTURE_SET.NAME)
                .from(PICTURE_SET)
                .fetch(row -> new Named(new SetId(row.value1()), row.value2()))
                .stream()
                .sorted((one, other) -> SetOrder.byName(one.name(), other.name()))
                .toList();
    }

    /** All sets, by name. */
    public List<Stored> all() {
        var pictures = DSL.field(DSL.selectCount()
                .from(MEMBER)
                .join(PICTURE)
                .on(PICTURE.ID.eq(MEMBER.PICTURE_ID))
                .where(MEMBER.SET_ID.eq(PICTURE_SET.ID), PICTURE.BINNED_AT.isNull()));
        var followers = DSL.field(DSL.selectCount().from(REEL).where(REEL.FOLLOWS.eq(PICTURE_SET.ID)));
        return sql
                .select(PICTURE_SET.ID, PICTURE_SET.NAME, pictures, followers)
                .from(PICTURE_SET)
                .fetch() // more is asked for of each, once this connection is given back
                .map(row -> {
                    SetId id = new SetId(row.value1());
                    return new Stored(id, row.value2(), row.value3(), row.value4(), first(id));
                })
                .stream()
                .sorted((one, other) -> SetOrder.byName(one.name(), other.name()))
                .toList();
    }

    /** The pictures that stand for a set. */
    private List<PictureId> first(SetId id) {
        return sql.select(MEMBER.PICTURE_ID)
                .from(MEMBER)
                .join(PICTURE)
                .on(PICTURE.ID.eq(MEMBER.PICTURE_ID))
                .where(MEMBER.SET_ID.eq(id.value()), PICTURE.BINNED_AT.isNull())
                .orderBy(MEMBER.POSITION)
                .limit(3)
                .fetch(row -> new PictureId(row.value1()));
    }

    /**
     * One set.
     *
     * @throws NotThere when there is none of that id
     */
    public Stored find(SetId id) {
        return all().stream()
                .filter(set -> set.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotThere("There is no such set."));
    }

    /** In which sets each of those pictures is, by name. */
    public Map<PictureId, List<String>> names(Collection<PictureId> pictures) {
        Map<PictureId, List<String>> names = new LinkedHashMap<>();
        sql.select(MEMBER.PICTURE_ID, PICTURE_SET.NAME)
                .from(MEMBER)
                .join(PICTURE_SET)
                .on(PICTURE_SET.ID.eq(MEMBER.SET_ID))
                .where(MEMBER.PICTURE_ID.in(
                        pictures.stream().map(PictureId::value).toList()))
                .orderBy(PICTURE_SET.NAME)
                .forEach(row -> names.computeIfAbsent(new PictureId(row.value1()), any -> new ArrayList<>())
                        .add(row.value2()));
        return names;
    }
}
