package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.PRACTICE_PAGE;

import com.keenreel.app.document.DocumentJson;
import com.keenreel.app.store.PracticePage.Block;
import com.keenreel.app.store.PracticePage.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;

/** The pages of the practice site. */
@Component
public class PracticeStore {
    private final DSLContext sql;

    PracticeStore(DSLContext sql) {
        this.sql = sql;
    }

    /** All pages, in the order of the site's navigation. */
    public List<PracticePage> all() {
        return sql.selectFrom(PRACTICE_PAGE)
                .orderBy(PRACTICE_PAGE.POSITION)
                .fetch(row -> new PracticePage(
                        row.getSlug(), row.getTitle(), blocks(DocumentJson.MAPPER.readTree(row.getBlocks()))));
    }

    /** The page of that slug, if there is one. */
    public Optional<PracticePage> find(String slug) {
        return all().stream().filter(page -> page.slug().equals(slug)).findFirst();
    }

    /**
     * Makes a page without anything on it.
     *
     * @return its slug, which no page had
     */
    public String make(String title) {
        return sql.transactionResult(inside -> {
            DSLContext tx = DSL.using(inside);
            String slug =
                    Slugs.free(title, "page", taken -> tx.fetchExists(PRACTICE_PAGE, PRACTICE_PAGE.SLUG.eq(taken)));
            new PracticeStore(tx).put(new PracticePage(slug, title, List.of()));
            return slug;
        });
    }

    /** Keeps a page as it is given, whether new or changed. */
    public void put(PracticePage page) {
        ArrayNode blocks = DocumentJson.MAPPER.createArrayNode();
        page.blocks()
                .forEach(block -> blocks.addObject()
                        .put("kind", block.kind().word())
                        .put("column", block.column())
                        .put("content", block.content()));
        long now = System.currentTimeMillis();
        sql.transaction(inside -> {
            DSLContext tx = DSL.using(inside);
            long last = tx.select(DSL.coalesce(DSL.max(PRACTICE_PAGE.POSITION), 0L))
                    .from(PRACTICE_PAGE)
                    .fetchSingle()
                    .value1();
            tx.insertInto(PRACTICE_PAGE)
                    .set(PRACTICE_PAGE.SLUG, page.slug())
                    .set(PRACTICE_PAGE.POSITION, last + 1)
                    .set(PRACTICE_PAGE.TITLE, page.title())
                    .set(PRACTICE_PAGE.BLOCKS, blocks.toString())
                    .set(PRACTICE_PAGE.CHANGED_AT, now)
                    .onConflict(PRACTICE_PAGE.SLUG)
                    .doUpdate()
                    .set(PRACTICE_PAGE.TITLE, page.title())
                    .set(PRACTICE_PAGE.BLOCKS, blocks.toString())
                    .set(PRACTICE_PAGE.CHANGED_AT, now)
                    .execute();
        });
    }

    /** Takes a page off the site. */
    public void remove(String slug) {
        sql.deleteFrom(PRACTICE_PAGE).where(PRACTICE_PAGE.SLUG.eq(slug)).execute();
    }

    /**
     * Reads blocks as they are sent and kept.
     *
     * @throws IllegalArgumentException with a sentence, when one is not allowed
     */
    public static List<Block> blocks(JsonNode nodes) {
        List<Block> blocks = new ArrayList<>();
        nodes.forEach(node -> blocks.add(new Block(
                Kind.valueOf(node.path("kind").asString("text").toUpperCase(Locale.ROOT)),
                node.path("column").asString("main"),
                node.path("content").asString(""))));
        return blocks;
    }
}
