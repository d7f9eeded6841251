package com.keenreel.app.jobs;

import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.imaging.Received;
import com.keenreel.imaging.Refused;
import com.keenreel.imaging.Rendition;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Two workers that make renditions, what somebody waits for first. */
@Component
public class Workers implements SmartLifecycle {
    private static final int COUNT = 2;
    private static final int ATTEMPTS = 5;
    private static final Logger LOG = LoggerFactory.getLogger(Workers.class);

    private final PictureStore pictures;
    private final ContentFiles files;
    private final Object bell = new Object();
    private final List<Thread> threads = new ArrayList<>();
    private volatile boolean running;

    Workers(PictureStore pictures, ContentFiles files) {
        this.pictures = pictures;
        this.files = files;
    }

    /** Says that there is new work. */
    public void ring() {
        synchronized (bell) {
            bell.notifyAll();
        }
    }

    /**
     * Waits until the renditions of a version are made, putting it in front of other work.
     *
     * @return the version, ready or failed; still waiting when the time was not enough
     */
    public Version await(long id, Duration most) {
        long end = System.nanoTime() + most.toNanos();
        Version version = pictures.version(id);
        if (version.state() == State.WAITING) {
            pictures.hurry(id);
            ring();
        }
        while (version.state() == State.WAITING && System.nanoTime() < end) {
            synchronized (bell) {
                try {
                    bell.wait(100);
                } catch (InterruptedException stopped) {
                    Thread.currentThread().interrupt();
                    return version;
                }
            }
            version = pictures.version(id);
        }
        return version;
    }

    @Override
    public void start() {
        pictures.giveBackJobs();
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
            Optional<PictureStore.Job> job = Optional.empty();
            try {
                job = pictures.hasJob() ? pictures.takeJob() : Optional.empty();
                if (job.isPresent()) {
                    make(job.get().version());
                } else {
                    synchronized (bell) {
                        bell.wait(1000);
                    }
                }
            } catch (InterruptedException stopped) {
                return;
            } catch (RuntimeException | Error failed) { // a worker never dies
                LOG.warn("Work was not done: {}", job, failed);
                job.ifPresent(taken -> tryAgain(taken, failed));
            }
        }
    }

    /** A busy disk or a lack of memory passes; what fails again and again is said. */
    private void tryAgain(PictureStore.Job job, Throwable failed) {
        try {
            if (job.attempt() < ATTEMPTS) {
                pictures.giveBack(job.version());
            } else {
                pictures.fail(job.version(), "The picture could not be worked on: " + failed.getMessage());
            }
        } catch (RuntimeException stillBusy) {
            LOG.warn("Work stays taken until the next start: {}", job, stillBusy);
        }
    }

    private void make(long id) {
        Version version = pictures.version(id);
        try {
            List<Made> made = new ArrayList<>();
            List<Long> sizes = new ArrayList<>();
            for (Rendition rendition : Rendition.all(Received.look(files.read(version.sha256())))) {
                made.add(new Made(rendition.width(), rendition.format(), files.put(rendition.bytes())));
                sizes.add((long) rendition.bytes().length);
            }
            pictures.finish(id, made, sizes);
        } catch (Refused refused) {
            pictures.fail(id, String.valueOf(refused.getMessage()));
        }
        ring();
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
