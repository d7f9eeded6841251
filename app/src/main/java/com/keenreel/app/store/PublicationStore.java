package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.LIVE_CHANGE;
import static com.keenreel.app.store.sql.Tables.PICTURE;
import static com.keenreel.app.store.sql.Tables.PICTURE_VERSION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_FILE;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_STAGE;
import static com.keenreel.app.store.sql.Tables.REEL;
import static com.keenreel.app.store.sql.Tables.RENDITION;

import com.keenreel.app.document.DocumentJson;
import com.keenreel.app.document.Packed;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/**
 * Publications, and which of them is live. Going live, bringing back, putting back and taking down are one transaction
 * each.
 */
@Component
public class PublicationStore {
    private final DSLContext sql;
    private final AtomicLong changes = new AtomicLong();

    public PublicationStore(DSLContext sql) {
        this.sql = sql;
    }

    /** A number that is another one after every change of what is live. */
    public long changes() {
        return changes.get();
    }

    /** Says that something else than what is live changed for visitors. */
    void changed() {
        changes.incrementAndGet();
    }

    /**
     * How things were when a publication was begun.
     *
     * @param change the number of the last change of what was live of its reel; 0 when nothing ever was
     * @param at ms since 1970
     */
    public record Begun(long change, long at) {}

    /** A publication of that reel is begun now. */
    public Begun begin(String reelId) {
        long at = System.currentTimeMillis();
        return new Begun(
                sql.select(DSL.coalesce(DSL.max(LIVE_CHANGE.ID), 0L))
                        .from(LIVE_CHANGE)
                        .where(LIVE_CHANGE.REEL_ID.eq(reelId))
                        .fetchSingle()
                        .value1(),
                at);
    }

    /**
     * Keeps a publication and makes it live, both or neither. One that is already kept goes live again, as what the reel
     * is now: visitors meet the same, but what it follows may be another.
     *
     * @param since how things were when it was begun, see {@link #begin}
     * @throws Refusal when the reel was taken down, binned, or published as newly or newer since then: that stays; or when
     *     one of its pictures was put into the bin or deleted since then
     */
    public void goLive(Published publication, Begun since) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            refuseOvertaken(tx, publication, since.change());
            refuseWithdrawn(tx, publication, since.at());
            keep(tx, publication);
            Contents.settle(
                    tx, publication.files().stream().map(Published.File::sha256).toList());
            change(tx, publication.reelId(), publication.id());
        });
        changes.incrementAndGet();
    }

    private static void refuseOvertaken(DSLContext tx, Published publication, long since) {
        String reel = publication.reelId();
        if (tx.fetchExists(REEL, REEL.ID.eq(reel), REEL.BINNED_AT.isNotNull())) {
            throw new Refusal("This reel was put into the bin while it was being published. It stays there.");
        }
        var last = tx.select(LIVE_CHANGE.PUBLICATION_ID, PUBLICATION.REVISION)
                .from(LIVE_CHANGE)
                .leftJoin(PUBLICATION)
                .on(PUBLICATION.ID.eq(LIVE_CHANGE.PUBLICATION_ID))
                .where(LIVE_CHANGE.REEL_ID.eq(reel), LIVE_CHANGE.ID.gt(since))
                .orderBy(LIVE_CHANGE.ID.desc())
                .limit(1)
                .fetchOne();
        if (last == null || publication.id().equals(last.value1())) {
            return;
        }
        if (last.value1() == null) {
            throw new Refusal("This reel was taken down while it was being published. It stays down; publish again if"
                    + " it is to be shown.");
        }
        if (last.value2() >= publication.revision()) {
            throw new Refusal("Something newer of this reel went live while it was being published. That stays.");
        }
    }

    private static void refuseWithdrawn(DSLContext tx, Published publication, long since) {
        List<String> pictures =
                publication.versions().keySet().stream().map(PictureId::value).toList();
        int there = tx.fetchCount(PICTURE, PICTURE.ID.in(pictures));
        boolean binned = tx.fetchExists(PICTURE, PICTURE.ID.in(pictures), PICTURE.BINNED_AT.ge(since));
        if (binned || there < pictures.size()) {
            throw new Refusal(
                    "A picture of this reel was put into the bin while the reel was being published. Nothing was"
                            + " published; publish again without it.");
        }
    }

    private static void keep(DSLContext tx, Published publication) {
        ObjectNode versions = DocumentJson.MAPPER.createObjectNode();
        publication.versions().forEach((picture, version) -> versions.put(picture.value(), version));
        int fresh = tx.insertInto(PUBLICATION)
                .set(PUBLICATION.ID, publication.id())
                .set(PUBLICATION.REEL_ID, publication.reelId())
                .set(PUBLICATION.REVISION, publication.revision())
                .set(PUBLICATION.DOCUMENT, DocumentJson.write(publication.document()))
                .set(PUBLICATION.FINGERPRINT, publication.fingerprint())
                .set(PUBLICATION.VERSIONS, versions.toString())
                .set(PUBLICATION.FRAGMENT, Packed.pack(publication.fragment()))
                .set(PUBLICATION.PAGE, Packed.pack(publication.page()))
                .set(PUBLICATION.POLICY, publication.policy())
                .set(PUBLICATION.RESERVED, publication.reserved())
                .set(PUBLICATION.MADE_AT, publication.madeAt())
                .onConflictDoNothing()
                .execute();
        if (fresh == 0) {
            tx.update(PUBLICATION)
                    .set(PUBLICATION.REVISION, publication.revision())
                    .set(PUBLICATION.DOCUMENT, DocumentJson.write(publication.document()))
                    .where(PUBLICATION.ID.eq(publication.id()))
                    .execute();
            return;
        }
        publication
                .later()
                .forEach(stage -> tx.insertInto(PUBLICATION_STAGE)
                        .set(PUBLICATION_STAGE.PUBLICATION_ID, publication.id())
                        .set(PUBLICATION_STAGE.FROM_DAY, String.valueOf(stage.from()))
                        .set(PUBLICATION_STAGE.FRAGMENT, Packed.pack(stage.fragment()))
                        .set(PUBLICATION_STAGE.PAGE, Packed.pack(stage.page()))
                        .set(PUBLICATION_STAGE.POLICY, stage.policy())
                        .set(PUBLICATION_STAGE.FIRST_FILES, DocumentJson.MAPPER.writeValueAsString(stage.first()))
                        .execute());
        for (Published.File file : publication.files()) {
            tx.insertInto(PUBLICATION_FILE)
                    .set(PUBLICATION_FILE.PUBLICATION_ID, publication.id())
                    .set(PUBLICATION_FILE.SHA256, file.sha256())
                    .set(PUBLICATION_FILE.FORMAT, file.format())
                    .set(PUBLICATION_FILE.FIRST_WIDTH, file.firstWidth() < 0 ? null : (long) file.firstWidth())
                    .execute();
        }
    }

    private static void change(DSLContext tx, String reelId, @Nullable String publication) {
        tx.update(REEL).set(REEL.LIVE, publication).where(REEL.ID.eq(reelId)).execute();
        tx.insertInto(LIVE_CHANGE)
                .set(LIVE_CHANGE.REEL_ID, reelId)
                .set(LIVE_CHANGE.PUBLICATION_ID, publication)
                .set(LIVE_CHANGE.MADE_AT, System.currentTimeMillis())
                .execute();
    }

    /** Takes a reel down: its address and its elements show nothing. */
    public void takeDown(String reelId) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            if (tx.fetchExists(REEL, REEL.ID.eq(reelId), REEL.LIVE.isNotNull())) {
                change(tx, reelId, null);
            }
        });
        changes.incrementAndGet();
    }

    /**
     * Makes an earlier publication of that reel live again.
     *
     * @throws NotThere when the reel has no such publication
     */
    public void bringBack(String reelId, String publication) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            if (!tx.fetchExists(PUBLICATION, PUBLICATION.ID.eq(publication), PUBLICATION.REEL_ID.eq(reelId))) {
                throw new NotThere("This reel has no such publication.");
            }
            change(tx, reelId, publication);
        });
        changes.incrementAndGet();
    }

    /** What was live last, when nothing is now; empty when nothing ever was. */
    public Optional<String> liveLast(String reelId) {
        return sql.select(LIVE_CHANGE.PUBLICATION_ID)
                .from(LIVE_CHANGE)
                .where(LIVE_CHANGE.REEL_ID.eq(reelId), LIVE_CHANGE.PUBLICATION_ID.isNotNull())
                .orderBy(LIVE_CHANGE.ID.desc())
                .limit(1)
                .fetchOptional(LIVE_CHANGE.PUBLICATION_ID);
    }

    /** When each publication of that reel last went live, ms since 1970, by its id. */
    public Map<String, Long> wentLive(String reelId) {
        return sql.select(LIVE_CHANGE.PUBLICATION_ID, DSL.max(LIVE_CHANGE.MADE_AT))
                .from(LIVE_CHANGE)
                .where(LIVE_CHANGE.REEL_ID.eq(reelId), LIVE_CHANGE.PUBLICATION_ID.isNotNull())
                .groupBy(LIVE_CHANGE.PUBLICATION_ID)
                .fetchMap(row -> row.value1(), row -> row.value2());
    }

    /** The height that the code copied last keeps free, as it is printed there; of the first publication when none was. */
    public Optional<String> codeTaken(String reelId) {
        Optional<String> taken = sql.select(REEL.CODE_TAKEN)
                .from(REEL)
                .where(REEL.ID.eq(reelId), REEL.CODE_TAKEN.isNotNull())
                .fetchOptional(REEL.CODE_TAKEN);
        return taken.isPresent()
                ? taken
                : sql.select(PUBLICATION.RESERVED)
                        .from(PUBLICATION)
                        .where(PUBLICATION.REEL_ID.eq(reelId), PUBLICATION.RESERVED.ne(""))
                        .orderBy(PUBLICATION.MADE_AT)
                        .limit(1)
                        .fetchOptional(PUBLICATION.RESERVED);
    }

    /** Remembers that the code of that publication was copied. */
    public void takeCode(String reelId, String reserved) {
        sql.update(REEL)
                .set(REEL.CODE_TAKEN, reserved)
                .where(REEL.ID.eq(reelId))
                .execute();
    }

    /** What is live for that reel, if anything. */
    public Optional<Published> live(String reelId) {
        return publications(REEL.ID.eq(reelId).and(REEL.LIVE.eq(PUBLICATION.ID))).stream()
                .findFirst();
    }

    /** What is live at that slug, if anything. */
    public Optional<Published> liveAt(String slug) {
        return publications(REEL.SLUG.eq(slug).and(REEL.LIVE.eq(PUBLICATION.ID))).stream()
                .findFirst();
    }

    /** All publications of a reel, newest first. */
    public List<Published> all(String reelId) {
        return publications(PUBLICATION.REEL_ID.eq(reelId));
    }

    /**
     * The format of a file that visitors may have: of what is live, or of an earlier publication of a reel that is live,
     * for pages that were loaded before, unless its picture was put into the bin since. Empty for any other.
     */
    public Optional<String> format(String sha256) {
        var binned = DSL.exists(DSL.selectOne()
                .from(RENDITION)
                .join(PICTURE_VERSION)
                .on(PICTURE_VERSION.ID.eq(RENDITION.VERSION_ID))
                .join(PICTURE)
                .on(PICTURE.ID.eq(PICTURE_VERSION.PICTURE_ID))
                .where(VersionStore.isContent(DSL.val(sha256)), PICTURE.BINNED_AT.isNotNull()));
        return sql.select(PUBLICATION_FILE.FORMAT)
                .from(PUBLICATION_FILE)
                .join(PUBLICATION)
                .on(PUBLICATION.ID.eq(PUBLICATION_FILE.PUBLICATION_ID))
                .join(REEL)
                .on(REEL.ID.eq(PUBLICATION.REEL_ID))
                .where(PUBLICATION_FILE.SHA256.eq(sha256), REEL.LIVE.isNotNull())
                .and(REEL.LIVE.eq(PUBLICATION.ID).or(DSL.not(binned)))
                .limit(1)
                .fetchOptional(PUBLICATION_FILE.FORMAT);
    }

    private List<Published> publications(org.jooq.Condition which) {
        return sql.select(PUBLICATION.fields())
                .from(PUBLICATION)
                .join(REEL)
                .on(REEL.ID.eq(PUBLICATION.REEL_ID))
                .where(which)
                .orderBy(PUBLICATION.MADE_AT.desc())
                .fetch() // more is asked for of each, once this connection is given back
                .map(row -> new Published(
                        row.get(PUBLICATION.ID),
                        row.get(PUBLICATION.REEL_ID),
                        row.get(PUBLICATION.REVISION),
                        DocumentJson.read(row.get(PUBLICATION.DOCUMENT)),
                        row.get(PUBLICATION.FINGERPRINT),
                        versions(row.get(PUBLICATION.VERSIONS)),
                        Packed.unpack(row.get(PUBLICATION.FRAGMENT)),
                        Packed.unpack(row.get(PUBLICATION.PAGE)),
                        row.get(PUBLICATION.POLICY),
                        row.get(PUBLICATION.RESERVED),
                        files(row.get(PUBLICATION.ID)),
                        row.get(PUBLICATION.MADE_AT),
                        later(row.get(PUBLICATION.ID))));
    }

    private List<Published.Stage> later(String publication) {
        return sql.selectFrom(PUBLICATION_STAGE)
                .where(PUBLICATION_STAGE.PUBLICATION_ID.eq(publication))
                .orderBy(PUBLICATION_STAGE.FROM_DAY)
                .fetch(row -> new Published.Stage(
                        LocalDate.parse(row.getFromDay()),
                        Packed.unpack(row.getFragment()),
                        Packed.unpack(row.getPage()),
                        row.getPolicy(),
                        List.of(DocumentJson.MAPPER.readValue(row.getFirstFiles(), Published.File[].class))));
    }

    private List<Published.File> files(String publication) {
        return sql.selectFrom(PUBLICATION_FILE)
                .where(PUBLICATION_FILE.PUBLICATION_ID.eq(publication))
                .orderBy(PUBLICATION_FILE.FIRST_WIDTH)
                .fetch(row -> new Published.File(
                        row.getSha256(),
                        row.getFormat(),
                        row.getFirstWidth() == null ? -1 : row.getFirstWidth().intValue()));
    }

    /** The reels of which what is live shows one of those pictures. */
    public List<String> liveWith(Collection<PictureId> pictures) {
        return sql
                .select(REEL.ID, PUBLICATION.VERSIONS)
                .from(REEL)
                .join(PUBLICATION)
                .on(PUBLICATION.ID.eq(REEL.LIVE))
                .orderBy(REEL.NAME)
                .fetch()
                .stream()
                .filter(row -> !Collections.disjoint(versions(row.value2()).keySet(), pictures))
                .map(row -> row.value1())
                .toList();
    }

    /** The widths in which each version of a picture is live in that reel, by rising width. */
    public Map<Long, List<Integer>> liveWidths(String reelId) {
        return sql.selectDistinct(RENDITION.VERSION_ID, RENDITION.WIDTH)
                .from(REEL)
                .join(PUBLICATION_FILE)
                .on(PUBLICATION_FILE.PUBLICATION_ID.eq(REEL.LIVE))
                .join(RENDITION)
                .on(VersionStore.isContent(PUBLICATION_FILE.SHA256))
                .where(REEL.ID.eq(reelId), RENDITION.FORMAT.eq("webp"))
                .orderBy(RENDITION.WIDTH)
                .fetchGroups(row -> row.value1(), row -> row.value2().intValue());
    }

    private static Map<PictureId, Long> versions(String json) {
        Map<PictureId, Long> versions = new LinkedHashMap<>();
        for (var entry : DocumentJson.MAPPER.readTree(json).properties()) {
            versions.put(new PictureId(entry.getKey()), entry.getValue().asLong());
        }
        return versions;
    }
}
