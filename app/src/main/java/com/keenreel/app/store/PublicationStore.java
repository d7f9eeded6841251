package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PUBLICATION;
import static com.keenreel.app.store.sql.Tables.PUBLICATION_FILE;
import static com.keenreel.app.store.sql.Tables.REEL;

import com.keenreel.core.reel.PictureId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Publications, and which of them is live. Going live and taking down are one transaction each. */
@Component
public class PublicationStore {
    private final DSLContext sql;

    public PublicationStore(DSLContext sql) {
        this.sql = sql;
    }

    /** Keeps a publication and makes it live, both or neither. One that is already kept goes live again. */
    public void goLive(Published publication) {
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            ObjectNode versions = DocumentJson.MAPPER.createObjectNode();
            publication.versions().forEach((picture, version) -> versions.put(picture.value(), version));
            int fresh = tx.insertInto(PUBLICATION)
                    .set(PUBLICATION.ID, publication.id())
                    .set(PUBLICATION.REEL_ID, publication.reelId())
                    .set(PUBLICATION.REVISION, publication.revision())
                    .set(PUBLICATION.FINGERPRINT, publication.fingerprint())
                    .set(PUBLICATION.VERSIONS, versions.toString())
                    .set(PUBLICATION.FRAGMENT, publication.fragment())
                    .set(PUBLICATION.PAGE, publication.page())
                    .set(PUBLICATION.POLICY, publication.policy())
                    .set(PUBLICATION.MADE_AT, publication.madeAt())
                    .onConflictDoNothing()
                    .execute();
            if (fresh == 1) {
                publication
                        .files()
                        .forEach(file -> tx.insertInto(PUBLICATION_FILE)
                                .set(PUBLICATION_FILE.PUBLICATION_ID, publication.id())
                                .set(PUBLICATION_FILE.SHA256, file.sha256())
                                .set(PUBLICATION_FILE.FORMAT, file.format())
                                .set(
                                        PUBLICATION_FILE.FIRST_WIDTH,
                                        file.firstWidth() < 0 ? null : (long) file.firstWidth())
                                .execute());
            }
            tx.update(REEL)
                    .set(REEL.LIVE, publication.id())
                    .where(REEL.ID.eq(publication.reelId()))
                    .execute();
        });
    }

    /** Takes a reel down: its address and its elements show nothing. */
    public void takeDown(String reelId) {
        sql.update(REEL).setNull(REEL.LIVE).where(REEL.ID.eq(reelId)).execute();
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

    /** The format of a published file; empty when no publication has it. */
    public Optional<String> format(String sha256) {
        return sql.select(PUBLICATION_FILE.FORMAT)
                .from(PUBLICATION_FILE)
                .where(PUBLICATION_FILE.SHA256.eq(sha256))
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
                .fetch(row -> new Published(
                        row.get(PUBLICATION.ID),
                        row.get(PUBLICATION.REEL_ID),
                        row.get(PUBLICATION.REVISION),
                        row.get(PUBLICATION.FINGERPRINT),
                        versions(row.get(PUBLICATION.VERSIONS)),
                        row.get(PUBLICATION.FRAGMENT),
                        row.get(PUBLICATION.PAGE),
                        row.get(PUBLICATION.POLICY),
                        files(row.get(PUBLICATION.ID)),
                        row.get(PUBLICATION.MADE_AT)));
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

    private static Map<PictureId, Long> versions(String json) {
        Map<PictureId, Long> versions = new LinkedHashMap<>();
        for (var entry : DocumentJson.MAPPER.readTree(json).properties()) {
            versions.put(new PictureId(entry.getKey()), entry.getValue().asLong());
        }
        return versions;
    }
}
