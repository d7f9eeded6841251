package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Rename;
import com.keenreel.core.reel.Reel;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.Set;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupTest {
    @TempDir
    private Path folder;

    private Path data;
    private DSLContext sql;
    private ContentFiles files;
    private String reel;

    @BeforeEach
    void make() throws Exception {
        data = Files.createDirectory(folder.resolve("data"));
        sql = Database.made(data);
        files = new ContentFiles(data.resolve("files"));
        reel = new ReelStore(sql).make(Reel.named("n1"), "test").id();
    }

    private Path backup(String name) throws Exception {
        Path file = folder.resolve(name);
        try (OutputStream to = Files.newOutputStream(file)) {
            new Backup(sql).write(data, to);
        }
        return file;
    }

    @Test
    void whatIsBackedUpWhileSomebodyEditsIsOfOneMoment() throws Exception {
        String kept = files.put(new byte[] {1, 2, 3});
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
                assertThat(Backup.restore(backup("backup-" + i + ".zip"), restored))
                        .isEqualTo(1);
                StoredReel there = new ReelStore(Database.opened(restored)).find(reel);
                assertThat(there.reel().name()).isEqualTo("n" + there.revision());
                assertThat(new ContentFiles(restored.resolve("files")).read(kept))
                        .containsExactly(1, 2, 3);
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
        files.put(new byte[] {1, 2, 3});
        byte[] whole = Files.readAllBytes(backup("whole.zip"));
        Path restored = folder.resolve("restored");
        Path cut = Files.write(folder.resolve("cut.zip"), java.util.Arrays.copyOf(whole, whole.length / 2));
        assertThatThrownBy(() -> Backup.restore(cut, restored)).isNotNull();
        Path foreign = folder.resolve("foreign.zip");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry("../outside.txt"));
            zip.write(1);
        }
        Files.write(foreign, bytes.toByteArray());
        assertThatThrownBy(() -> Backup.restore(foreign, restored))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("no backup of Keen Reel");
        assertThatThrownBy(() -> Backup.restore(folder.resolve("whole.zip"), data))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("is not empty");
        assertThat(restored).doesNotExist();
        assertThat(folder.resolve("outside.txt")).doesNotExist();
        assertThatThrownBy(() -> Backup.of(folder)).hasMessageContaining("has no data of Keen Reel");
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
    void whatNobodyKnowsOfGoesOnceItIsOld() throws Exception {
        String unknown = files.put(new byte[] {4});
        String fresh = files.put(new byte[] {5});
        String published = files.put(new byte[] {6});
        StoredReel stored = new ReelStore(sql).find(reel);
        Published made = KilledTest.Restless.publication(stored, 1);
        PublicationStore publications = new PublicationStore(sql);
        publications.goLive(made, publications.lastChange(reel));
        sql.execute("update publication set fragment = ?", "/f/" + published + ".js");
        Path half = Files.write(files.of(unknown).resolveSibling("fresh-1.part"), new byte[3]);
        FileTime old = FileTime.from(Instant.now().minus(Duration.ofHours(2)));
        for (Path file : Set.of(files.of(unknown), files.of(published), half)) {
            Files.setLastModifiedTime(file, old);
        }
        new Tidying(sql, files).afterPropertiesSet();
        assertThat(files.of(unknown)).doesNotExist();
        assertThat(half).doesNotExist();
        assertThat(files.of(fresh)).exists();
        assertThat(files.of(published)).exists();
    }
}
