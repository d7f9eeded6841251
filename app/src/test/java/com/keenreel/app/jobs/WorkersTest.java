package com.keenreel.app.jobs;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.store.Brought;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.Database;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.VersionStore;
import com.keenreel.imaging.Received;
import com.keenreel.player.ReelMaker;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import org.jooq.DSLContext;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Work that cannot be done for a moment is done later, and nothing is given up because a disk was away. */
class WorkersTest {
    private static final Duration PATIENCE = Duration.ofMinutes(1);

    @TempDir
    private Path folder;

    private DSLContext sql;
    private JobStore jobs;
    private VersionStore versions;
    private PictureStore pictures;
    private ContentFiles files;
    private Workers workers;

    @BeforeEach
    void start() {
        sql = Database.made(folder);
        jobs = new JobStore(sql);
        versions = new VersionStore(sql);
        pictures = new PictureStore(sql);
        files = Database.files(sql, folder);
        workers = new Workers(pictures, versions, jobs, files, Duration.ofMillis(2));
        workers.start();
    }

    @AfterEach
    void stop() {
        workers.stop();
    }

    private Version bring(byte[] bytes) throws Exception {
        Received file = Received.look(bytes);
        return pictures.add("one.jpg", new Brought(file, files.put(bytes))).version();
    }

    private static byte[] photograph() throws Exception {
        return Files.readAllBytes(ReelMaker.PICTURES.resolve("sample-small.jpg"));
    }

    @Test
    void aDiskThatIsAwayForAWhileCostsNothing() throws Exception {
        workers.stop();
        long id = bring(photograph()).id();
        Path here = folder.resolve("files");
        Path away = Files.move(here, folder.resolve("away"));
        workers.start();
        assertThat(workers.until(() -> times(id) > 7, PATIENCE)).isTrue();
        assertThat(versions.version(id).state()).isEqualTo(State.WAITING);
        assertThat(jobs.problem(id)).isEmpty();
        assertThat(jobs.waitsFor(id))
                .hasValueSatisfying(sentence -> assertThat(sentence)
                        .isEqualTo("Its file is missing in the data folder. It goes on once the file is there again.")
                        .doesNotContain(folder.toString()));
        Files.move(away, here);
        assertThat(workers.await(id, PATIENCE).state()).isEqualTo(State.READY);
        assertThat(jobs.undone()).isZero();
    }

    private long times(long version) {
        return ((Number) sql.fetchValue("select coalesce(max(put_off), 0) from job where version_id = " + version))
                .longValue();
    }

    @Test
    void moreWidthsThatWereGivenUpAreMadeOnceSomebodyAsks() throws Exception {
        long id = bring(photograph()).id();
        assertThat(workers.await(id, PATIENCE).state()).isEqualTo(State.READY);
        workers.stop();
        jobs.more(id, List.of(123), JobStore.SOON);
        jobs.giveUp(jobs.take().orElseThrow(), "Keen Reel failed at this picture 5 times.");
        workers.start();
        assertThat(jobs.problem(id)).isPresent();
        sql.execute("update job set taken_at = null");
        jobs.tryAgain(id);
        workers.ring();
        assertThat(workers.until(() -> versions.made(id).stream().anyMatch(one -> one.width() == 123), PATIENCE))
                .isTrue();
    }

    @Test
    void whatCannotBeReadFailsAtOnceAndIsWorkedOnAgainWhenSomebodyAsks() throws Exception {
        workers.stop();
        byte[] bytes = photograph();
        Version version = bring(bytes);
        long id = version.id();
        Path place = files.of(version.sha256());
        Files.write(place, Arrays.copyOf(bytes, 6000)); // damaged on the disk
        workers.start();
        assertThat(workers.await(id, PATIENCE).state()).isEqualTo(State.FAILED);
        assertThat(jobs.undone()).isZero();
        workers.stop();
        Files.write(place, bytes);
        versions.tryAgain(id);
        assertThat(versions.version(id).state()).isEqualTo(State.WAITING);
        assertThat(jobs.undone()).isEqualTo(1);
        workers.start();
        assertThat(workers.await(id, PATIENCE).state()).isEqualTo(State.READY);
    }
}
