package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.CONTENT;
import static com.keenreel.app.store.sql.Tables.ORIGINAL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import org.jooq.DSLContext;
import org.jooq.ExecuteListener;
import org.jooq.Query;
import org.jooq.SQLDialect;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Which files are kept and which go, whoever brings and erases the same bytes at the same time. */
class ContentsTest {
    @TempDir
    private Path folder;

    private DSLContext sql;
    private ContentFiles files;
    private PictureStore pictures;

    @BeforeEach
    void make() {
        sql = Database.made(folder);
        files = Database.files(sql, folder);
        pictures = new PictureStore(sql);
    }

    private void tidy(Instant before) {
        new Tidying(sql, new Contents(sql), files).tidy(before);
    }

    private String put(int content) {
        return files.put(new byte[] {(byte) content});
    }

    private static void release(DSLContext sql, String shown, String sha256) {
        sql.transaction(inside -> {
            DSL.using(inside)
                    .deleteFrom(ORIGINAL)
                    .where(ORIGINAL.SHOWN.eq(shown))
                    .execute();
            Contents.release(DSL.using(inside), List.of(sha256));
        });
    }

    @Test
    void whatNobodySettlesGoesOnceItIsOld() throws Exception {
        String forgotten = put(1);
        String referred = put(2);
        pictures.keepsOriginal("shown", referred);
        put(2); // brought again, and not settled
        Path half = Files.write(folder.resolve("files/fresh-1.part"), new byte[3]);
        tidy(Instant.now().minusSeconds(3600));
        assertThat(files.of(forgotten)).exists();
        assertThat(half).exists();
        tidy(Instant.now().plusSeconds(1));
        assertThat(files.of(forgotten)).doesNotExist();
        assertThat(half).doesNotExist();
        assertThat(files.of(referred)).exists();
        assertThat(sql.fetchCount(CONTENT)).isEqualTo(1);
        release(sql, "shown", referred);
        assertThat(files.takeAway()).as("it was settled, and goes at once").isEqualTo(1);
    }

    @Test
    void whatAnEarlierReleaseLeftGoesOnce() throws Exception {
        String kept = put(1);
        pictures.keepsOriginal("shown", kept);
        Path unknown = ContentFiles.in(folder.resolve("files"), "0".repeat(64));
        Files.createDirectories(unknown.getParent());
        Files.write(unknown, new byte[3]);
        tidy(Instant.now());
        assertThat(unknown).doesNotExist();
        assertThat(files.of(kept)).exists();
    }

    @Test
    void whatIsBroughtAgainWhileItLeavesStays() {
        String content = put(1);
        pictures.keepsOriginal("shown", content);
        release(sql, "shown", content);
        put(1);
        assertThat(files.takeAway()).isZero();
        assertThat(files.of(content)).exists();
        pictures.keepsOriginal("shown again", content);
        release(sql, "shown again", content);
        assertThat(files.takeAway()).isEqualTo(1);
        assertThat(files.of(content)).doesNotExist();
        assertThat(put(1)).isEqualTo(content);
        assertThat(files.of(content)).exists();
    }

    @Test
    void noReferenceIsEverWithoutItsFileWhileTheSameBytesComeAndGo() throws Exception {
        BlockingQueue<String> seen = new LinkedBlockingQueue<>();
        String content = put(1);
        Thread erasing = new Thread(() -> {
            DSLContext own = Database.opened(folder);
            ContentFiles there = Database.files(own, folder);
            try {
                for (String shown = seen.take(); !shown.isEmpty(); shown = seen.take()) {
                    release(own, shown, content);
                    there.takeAway();
                }
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        });
        erasing.start();
        for (int i = 0; i < 100; i++) {
            put(1);
            pictures.keepsOriginal("shown " + i, content);
            assertThat(files.of(content))
                    .as("when it came for the " + i + "th time")
                    .exists();
            seen.put("shown " + i);
        }
        seen.put("");
        erasing.join();
        files.takeAway();
        assertThat(files.of(content)).doesNotExist();
        assertThat(sql.fetchCount(CONTENT)).isZero();
    }

    @Test
    void nothingRefersToWhatIsNotKept() {
        assertThatThrownBy(() -> pictures.keepsOriginal("shown", "0".repeat(64)))
                .hasMessageContaining("an original is not kept");
        String content = put(1);
        pictures.keepsOriginal("shown", content);
        release(sql, "shown", content);
        assertThatThrownBy(() -> pictures.keepsOriginal("shown", content))
                .hasMessageContaining("an original is not kept");
    }

    @Test
    void noStatementReadsATableWhole() {
        for (int i = 0; i < 300; i++) {
            pictures.keepsOriginal("shown " + i, put(i / 2));
        }
        sql.execute("analyze");
        List<Query> sent = new ArrayList<>();
        DSLContext heard = DSL.using(sql.configuration().derive(ExecuteListener.onExecuteStart(context -> {
            if (context.query() != null) {
                sent.add(context.query());
            }
        })));
        Contents contents = new Contents(heard);
        contents.claim("0".repeat(64), 1);
        contents.releaseForgotten(Instant.now().plusSeconds(1));
        contents.takeAway(sha256 -> {});
        release(heard, "shown 7", put(3));
        assertThat(sent).hasSizeGreaterThanOrEqualTo(5);
        for (Query query : sent) {
            String text = DSL.using(SQLDialect.SQLITE).renderInlined(query);
            assertThat(sql.fetch("explain query plan " + text).getValues("detail", String.class))
                    .as(text)
                    .noneMatch(step -> step.startsWith("SCAN"));
        }
    }
}
