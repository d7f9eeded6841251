package com.keenreel.app.store;

import static com.keenreel.app.store.sql.Tables.CONTENT;
import static com.keenreel.app.store.sql.Tables.ORIGINAL;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.reel.Reel;
import java.io.ByteArrayOutputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupTest {
    @TempDir
    private Path folder;

    private Path data;
    private DSLContext sql;
    private Contents contents;
    private ContentFiles files;
    private String reel;

    @BeforeEach
    void make() throws Exception {
        data = Files.createDirectory(folder.resolve("data"));
        sql = Database.made(data);
        contents = new Contents(sql);
        files = new ContentFiles(data.resolve("files"), contents);
        reel = new ReelStore(sql).make(Reel.named("n1"), "test").id();
    }

    private Path backup(String name) throws Exception {
        Path file = folder.resolve(name);
        try (OutputStream to = Files.newOutputStream(file)) {
            new Backup(sql, files).write(data, to);
        }
        return file;
    }

    @Test
    void whatIsBackedUpWhileSomebodyEditsIsOfOneMoment() throws Exception {
        String kept = keep(1);
        AtomicBoolean going = new AtomicBoolean(true);
        Thread editing = new Thread(() -> {
            EditStore edits = new EditStore(Database.opened(data));
            for (int n = 2; going.get(); n++) {
                edits.apply(reel, new Rename("n" + n), "w", "edit-" + n, Long.MAX_VALUE);
            }
        });
        editing.start();
        try {
            for (int i = 0; i < 5; i++) {
                Path restored = folder.resolve("restored-" + i);
                assertThat(new BackupFile(backup("backup-" + i + ".zip")).restore(restored))
                        .isEqualTo(1);
                StoredReel there = new ReelStore(Database.opened(restored)).find(reel);
                assertThat(there.reel().name()).isEqualTo("n" + there.revision());
                assertThat(Files.readAllBytes(ContentFiles.in(restored.resolve("files"), kept)))
                        .containsExactly(1);
                new EditStore(Database.opened(restored)).apply(reel, new Rename("On"), "w", "on", Long.MAX_VALUE);
            }
        } finally {
            going.set(false);
            editing.join();
        }
        Files.createDirectory(data.resolve("backup-of-a-process-that-ended"));
        Backup.tidy(data);
        try (Stream<Path> left = Files.list(data)) {
            assertThat(left.filter(Files::isDirectory).map(Path::getFileName).map(Path::toString))
                    .containsExactly("files");
        }
    }

    @Test
    void whatIsNoWholeBackupIsRefusedAndNothingIsMade() throws Exception {
        keep(1);
        byte[] whole = Files.readAllBytes(backup("whole.zip"));
        Path restored = folder.resolve("restored");
        Path cut = Files.write(folder.resolve("cut.zip"), java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> new BackupFile(cut).restore(restored))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("it ends early");
        Path foreign = folder.resolve("foreign.zip");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("../outside.txt"));
            zip.write(1);
        }
        Files.write(foreign, bytes.toByteArray());
        assertThatThrownBy(() -> new BackupFile(foreign).restore(restored))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no backup of Keen Reel");
        assertThatThrownBy(() -> new BackupFile(folder.resolve("whole.zip")).restore(data))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("is not empty");
        assertThat(restored).doesNotExist();
        assertThat(folder.resolve("outside.txt")).doesNotExist();
        assertThatThrownBy(() -> Backup.ofUnused(folder, OutputStream.nullOutputStream()))
                .hasMessageContaining("has no data of Keen Reel");
    }

    @Test
    void aFolderBelongsToOneProcess() throws Exception {
        try (InUse first = InUse.take(data, "http://localhost:1234").orElseThrow()) {
            assertThat(InUse.take(data, "")).isEmpty();
            assertThat(InUse.origin(data)).isEqualTo("http://localhost:1234");
            first.letGo();
        }
        assertThat(InUse.take(data, "")).isPresent();
    }

    @Test
    void aBackupHasWhatTheDatabaseListsWhateverComesAndGoesMeanwhile() throws Exception {
        String kept = keep(1);
        String erased = keep(2);
        String again = keep(5);
        files.put(new byte[] {5}); // somebody is bringing the same once more
        String unsettled = files.put(new byte[] {3});
        Files.write(data.resolve("files/fresh-1.part"), new byte[9]);
        Path file = folder.resolve("backup.zip");
        try (OutputStream to = new Meanwhile(Files.newOutputStream(file), () -> {
            files.put(new byte[] {4});
            erase(erased);
        })) {
            new Backup(sql, files).write(data, to);
        }
        assertThat(files.of(erased)).as("once it is written").doesNotExist();
        new BackupFile(file).check();
        Path restored = folder.resolve("restored");
        new BackupFile(file).restore(restored);
        DSLContext there = Database.opened(restored);
        assertThat(there.select(CONTENT.SHA256).from(CONTENT).fetch(CONTENT.SHA256))
                .containsExactlyInAnyOrder(kept, erased, again);
        assertThat(ContentFiles.in(restored.resolve("files"), kept)).hasBinaryContent(new byte[] {1});
        assertThat(ContentFiles.in(restored.resolve("files"), erased)).hasBinaryContent(new byte[] {2});
        assertThat(ContentFiles.in(restored.resolve("files"), unsettled)).doesNotExist();
        new Tidying(there, new Contents(there), Database.files(there, restored)).tidy(Instant.now());
        assertThat(ContentFiles.in(restored.resolve("files"), kept)).exists();
    }

    /** Keeps one byte, to which an original refers. */
    private String keep(int content) {
        String sha256 = files.put(new byte[] {(byte) content});
        new PictureStore(sql).keepsOriginal("shown from " + content, sha256);
        return sha256;
    }

    private void erase(String sha256) {
        sql.transaction(inside -> {
            DSL.using(inside)
                    .deleteFrom(ORIGINAL)
                    .where(ORIGINAL.SHA256.eq(sha256))
                    .execute();
            Contents.release(DSL.using(inside), List.of(sha256));
        });
        files.takeAway();
    }

    /** Something that happens once the first bytes of a backup are written. */
    private static final class Meanwhile extends FilterOutputStream {
        private Runnable happens;

        Meanwhile(OutputStream to, Runnable happens) {
            super(to);
            this.happens = happens;
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
            Runnable now = happens;
            happens = () -> {};
            now.run();
        }
    }

    @Test
    void aBackupIsNotMadeOfFilesThatAreMissingOrDamaged() throws Exception {
        String kept = keep(1);
        Files.write(files.of(kept), new byte[] {7});
        assertThatThrownBy(() -> backup("damaged.zip"))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is damaged; no backup is made with it");
        Files.delete(files.of(kept));
        assertThatThrownBy(() -> backup("missing.zip"))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("is missing; no backup is made without it");
    }

    @Test
    void aBackupOfAnEarlierReleaseIsRestoredUnlessAFileIsMissing() throws Exception {
        Path release = Path.of("src/test/resources/releases/1.0.zip");
        Path restored = folder.resolve("restored");
        assertThat(new BackupFile(release).restore(restored)).isEqualTo(4);
        DSLContext there = Database.opened(restored);
        assertThat(there.fetchCount(CONTENT)).isEqualTo(28);

        Path older = Files.createDirectory(folder.resolve("older"));
        Path without = folder.resolve("without.zip");
        try (ZipInputStream from = new ZipInputStream(Files.newInputStream(release));
                ZipOutputStream to = new ZipOutputStream(Files.newOutputStream(without))) {
            int files = 0;
            for (ZipEntry entry = from.getNextEntry(); entry != null; entry = from.getNextEntry()) {
                byte[] bytes = from.readAllBytes();
                Path place = older.resolve(entry.getName());
                Files.createDirectories(place.getParent());
                Files.write(place, bytes);
                if (!entry.getName().startsWith("files/") || files++ > 0) {
                    to.putNextEntry(new ZipEntry(entry.getName()));
                    to.write(bytes);
                }
            }
        }
        assertThatThrownBy(() -> new BackupFile(without).restore(folder.resolve("not")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("not whole: 1 file is missing");
        assertThat(folder.resolve("not")).doesNotExist();

        byte[] database = Files.readAllBytes(older.resolve("keen-reel.db"));
        Path again = folder.resolve("again.zip");
        try (OutputStream to = Files.newOutputStream(again)) {
            Backup.ofUnused(older, to);
        }
        assertThat(older.resolve("keen-reel.db")).as("the folder itself").hasBinaryContent(database);
        assertThat(new BackupFile(again).restore(folder.resolve("as this release writes it")))
                .isEqualTo(4);
    }
}
