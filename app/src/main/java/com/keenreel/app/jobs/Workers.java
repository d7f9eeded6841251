package com.keenreel.app.jobs;

import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.Trouble;
import com.keenreel.app.store.VersionStore;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Darkroom.Seen;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.Rendition;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Two workers that make renditions, what somebody waits for first. */
@Component
public class Workers implements SmartLifecycle {
    private static final int COUNT = 2;
    private static final int ATTEMPTS = 5;

    /** How long work waits that failed or was put off for the first time; twice as long each time. */
    private static final Duration FIRST_WAIT = Duration.ofSeconds(1);

    private static final Duration LONGEST_WAIT = Duration.ofMinutes(5);

    /** Memory for pictures being worked on, MB: what is left when the application itself has had its share. */
    private static final int ROOM = (int) Math.max(200, Runtime.getRuntime().maxMemory() / (1 << 20) * 6 / 10);

    private static final Logger LOG = LoggerFactory.getLogger(Workers.class);

    private final PictureStore pictures;
    private final VersionStore versions;
    private final JobStore jobs;
    private final ContentFiles files;
    private final Object bell = new Object();
    private final Semaphore room = new Semaphore(ROOM, true);
    private final List<Thread> threads = new ArrayList<>();
    private final Map<JobStore.Job, Throwable> unwritten = new ConcurrentHashMap<>();
    private final Duration firstWait;
    private volatile boolean running;

    @Autowired
    Workers(PictureStore pictures, VersionStore versions, JobStore jobs, ContentFiles files) {
        this(pictures, versions, jobs, files, FIRST_WAIT);
    }

    Workers(PictureStore pictures, VersionStore versions, JobStore jobs, ContentFiles files, Duration firstWait) {
        this.firstWait = firstWait;
        this.pictures = pictures;
        this.versions = versions;
        this.jobs = jobs;
        this.files = files;
    }

    /** Says that there is new work. */
    public void ring() {
        synchronized (bell) {
            bell.notifyAll();
        }
    }

    /**
     * Waits until a version is looked at, putting it in front of other work.
     *
     * @return the version, ready or failed; still waiting when the time was not enough
     */
    public Version await(long id, Duration most) {
        if (versions.version(id).state() == State.WAITING) {
            jobs.hurry(id);
            ring();
            until(() -> versions.version(id).state() != State.WAITING, most);
        }
        return versions.version(id);
    }

    /** Waits until that is so, looking whenever work was done; returns whether it is so in the end. */
    public boolean until(BooleanSupplier so, Duration most) {
        long end = System.nanoTime() + most.toNanos();
        while (!so.getAsBoolean()) {
            if (System.nanoTime() > end) {
                return false;
            }
            synchronized (bell) {
                try {
                    bell.wait(100);
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                    return false;
                }
            }
        }
        return true;
    }

    @Override
    public void start() {
        jobs.giveBackAll(ATTEMPTS)
                .forEach(job -> fail(
                        job,
                        "Keen Reel was ended " + job.attempt()
                                + " times while it worked on this picture. It is left alone"
                                + " now; replace its file to try another one."));
        running = true;
        for (int i = 0; i < COUNT; i++) {
            Thread thread = new Thread(this::work, "worker-" + (i + 1));
            thread.setDaemon(true);
            thread.start();
            threads.add(thread);
        }
    }

    private void work() {
        while (running) {
            Optional<JobStore.Job> job = Optional.empty();
            try {
                giveBackUnwritten();
                job = jobs.waits() ? jobs.take() : Optional.empty();
                if (job.isPresent()) {
                    make(job.get());
                } else {
                    rest();
                }
            } catch (InterruptedException stopped) {
                return;
            } catch (RuntimeException | Error failed) { // a worker never dies
                if (job.isPresent()) {
                    tryAgain(job.get(), failed);
                } else {
                    LOG.warn("No work can be taken: {}", failed.toString());
                    restUnlessStopped();
                }
            }
        }
    }

    private void rest() throws InterruptedException {
        synchronized (bell) {
            bell.wait(1000);
        }
    }

    private void restUnlessStopped() {
        try {
            rest();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            running = false;
        }
    }

    /** What could not even be given back, because the database could not be written to. */
    private void giveBackUnwritten() {
        for (JobStore.Job job : List.copyOf(unwritten.keySet())) {
            Throwable failed = unwritten.remove(job);
            if (failed != null) {
                tryAgain(job, failed);
            }
        }
    }

    /** What passes is waited for, however long; what fails again and again is given up until somebody asks for it. */
    private void tryAgain(JobStore.Job job, Throwable failed) {
        try {
            Optional<String> passes = passes(failed);
            if (passes.isPresent()) {
                LOG.warn("Work is put off: {}, {}", job, failed.toString());
                jobs.putOff(job, pause(job.putOff()), passes.get());
                return;
            }
            LOG.warn("Work failed: {}", job, failed);
            if (job.attempt() < ATTEMPTS) {
                jobs.giveBack(job, pause(job.attempt() - 1));
            } else {
                fail(job, "Keen Reel failed at this picture " + ATTEMPTS + " times. Try again, or replace its file.");
            }
        } catch (RuntimeException stillBusy) {
            LOG.warn("Work is given back a moment later: {}", job, stillBusy);
            unwritten.put(job, failed);
        }
    }

    /** What has to pass before work can go on, as a sentence; empty where the work itself fails. */
    private static Optional<String> passes(Throwable failed) {
        return failed instanceof OutOfMemoryError
                ? Optional.of("There was not enough memory for this picture beside others.")
                : Trouble.of(failed)
                        .filter(trouble -> trouble != Trouble.UNKNOWN) // that may be a mistake of ours
                        .map(Trouble::passes);
    }

    private Duration pause(long times) {
        Duration wait = firstWait.multipliedBy(1L << Math.min(times, 20));
        return wait.compareTo(LONGEST_WAIT) < 0 ? wait : LONGEST_WAIT;
    }

    /** A picture that cannot be looked at has failed; one that is merely not made wider is as good as before. */
    private void fail(JobStore.Job job, String why) {
        if (job.widths().isEmpty()) {
            versions.fail(job.version(), why);
        } else {
            jobs.giveUp(job, why);
        }
    }

    private void make(JobStore.Job job) throws InterruptedException {
        Version version = versions.version(job.version());
        try {
            Received file = Received.look(files.read(version.sha256()));
            int memory = memory(file);
            room.acquire(memory);
            try {
                make(job, version, file);
            } finally {
                room.release(memory);
            }
        } catch (Refused refused) {
            fail(job, String.valueOf(refused.getMessage()));
        }
        ring();
    }

    private void make(JobStore.Job job, Version version, Received file) throws Refused {
        String credit = pictures.credit(version.picture());
        if (job.widths().isEmpty()) {
            Darkroom.Made made = Darkroom.look(file, version.adjustment(), credit);
            Seen seen = made.seen();
            versions.finish(version.id(), kept(made.renditions()), seen, files.put(seen.copy()));
        } else {
            versions.finish(job, kept(Darkroom.more(file, version.adjustment(), job.widths(), credit)));
        }
    }

    private List<Made> kept(List<Rendition> renditions) {
        List<Made> made = new ArrayList<>();
        for (Rendition rendition : renditions) {
            String sha256 = files.put(rendition.bytes());
            made.add(new Made(rendition.width(), rendition.format(), sha256, rendition.bytes().length));
        }
        return made;
    }

    /** What working on a file needs, MB, however little is shown of it: at most what there is. */
    private static int memory(Received file) {
        long megapixels = (long) file.width() * file.height() / 1_000_000;
        return (int) Math.min(ROOM, 40 + 8 * megapixels);
    }

    @Override
    public void stop() {
        running = false;
        threads.forEach(Thread::interrupt);
        threads.forEach(thread -> {
            try {
                thread.join(TimeUnit.SECONDS.toMillis(10));
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        });
        threads.clear();
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
