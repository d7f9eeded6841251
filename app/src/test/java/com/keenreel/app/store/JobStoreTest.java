package com.keenreel.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.app.store.JobStore.Job;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.Received;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.jooq.DSLContext;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Which work is done first, and that none is done twice or forgotten. */
class JobStoreTest {
    @TempDir
    private Path folder;

    private Contents contents;
    private JobStore jobs;
    private PictureStore pictures;
    private VersionStore versions;

    @BeforeEach
    void open() {
        DSLContext sql = Database.made(folder);
        contents = new Contents(sql);
        jobs = new JobStore(sql);
        pictures = new PictureStore(sql);
        versions = new VersionStore(sql);
    }

    private long picture(String name) throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB), "png", png);
        contents.claim(name, png.size());
        return pictures.add(name, new Brought(Received.look(png.toByteArray()), name))
                .version()
                .id();
    }

    private Job taken() {
        return jobs.take().orElseThrow();
    }

    @Test
    void whatSomebodyWaitsForComesFirstThenUploadsThenWorkAhead() throws Exception {
        long one = picture("one");
        long two = picture("two");
        jobs.more(one, List.of(16, 8), JobStore.AHEAD);
        jobs.more(two, List.of(12), JobStore.SOON);
        assertThat(taken().version()).as("all that is asked of it, in turn").isEqualTo(two);
        assertThat(taken().widths()).containsExactly(12);
        assertThat(taken()).isEqualTo(new Job(1, one, List.of(), 1, 0));
        assertThat(taken().widths()).containsExactly(8, 16);
        assertThat(jobs.take()).isEmpty();
        assertThat(jobs.undone()).isEqualTo(4);
        assertThat(jobs.giveBackAll(3)).isEmpty();
        assertThat(taken().attempt()).as("after a killed process").isEqualTo(2);
        jobs.giveBackAll(3);
        taken();
        assertThat(jobs.giveBackAll(3))
                .as("it has ended three")
                .extracting(Job::attempt)
                .containsExactly(3L);
    }

    @Test
    void whatIsAskedForAlreadyIsNotDoneTwice() throws Exception {
        long one = picture("one");
        taken();
        jobs.more(one, List.of(8, 12), JobStore.AHEAD);
        jobs.more(one, List.of(12, 16), JobStore.SOON);
        Job first = taken();
        assertThat(first.widths()).as("hurried with the rest").containsExactly(8, 12);
        assertThat(taken().widths()).containsExactly(16);
        contents.claim("a", 1);
        contents.claim("b", 1);
        versions.finish(first, List.of(new Made(8, Format.WEBP, "a", 1), new Made(12, Format.WEBP, "b", 1)));
        assertThat(versions.made(one)).extracting(Made::width).containsExactly(8, 12);
        assertThat(jobs.undone()).isEqualTo(2);
    }

    @Test
    void whatFailsAgainAndAgainSaysWhyUntilItIsAskedForAnew() throws Exception {
        long one = picture("one");
        taken();
        jobs.more(one, List.of(8), JobStore.SOON);
        Job job = taken();
        jobs.giveUp(job, "The disk is full.");
        assertThat(jobs.giveBackAll(3)).isEmpty();
        assertThat(taken().widths()).as("only the first look is left").isEmpty();
        assertThat(jobs.waits()).isFalse();
        assertThat(jobs.problem(one)).contains("The disk is full.");
        jobs.more(one, List.of(8), JobStore.SOON);
        assertThat(jobs.problem(one)).isEqualTo(Optional.empty());
        assertThat(taken().widths()).containsExactly(8);
    }

    @Test
    void whatIsPutOffWaitsAndDoesNotCountAsAnAttempt() throws Exception {
        long one = picture("one");
        Job job = taken();
        jobs.putOff(job, Duration.ofHours(1), "The disk is full.");
        assertThat(jobs.waits()).isFalse();
        assertThat(jobs.take()).isEmpty();
        assertThat(jobs.waitsFor(one)).contains("The disk is full.");
        assertThat(jobs.undone()).isEqualTo(1);
        jobs.more(one, List.of(8), JobStore.SOON);
        assertThat(taken().widths())
                .as("who asks for more does not shorten its time")
                .containsExactly(8);
        assertThat(jobs.take()).isEmpty();
        jobs.tryAgain(one);
        assertThat(jobs.waitsFor(one)).isEmpty();
        assertThat(taken()).isEqualTo(job);
        jobs.putOff(job, Duration.ZERO, "The disk is full.");
        assertThat(taken().putOff()).isEqualTo(1);
    }
}
