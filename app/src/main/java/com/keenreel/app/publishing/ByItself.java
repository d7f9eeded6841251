package com.keenreel.app.publishing;

import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Publishes reels that follow a set and go live by themselves, whenever what they show is no longer what is live. Each
 * look compares all of them, so that nothing is forgotten when the process was killed in between. Only pictures go live
 * by themselves: a reel with unpublished work of somebody's waits for them.
 */
@Component
public class ByItself implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(ByItself.class);

    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private volatile @org.jspecify.annotations.Nullable ScheduledExecutorService thread;

    ByItself(ReelStore reels, PublicationStore publications, Publishing publishing) {
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
    }

    /** Says that something may have changed. What changes together soon goes live together. */
    public void look() {
        ScheduledExecutorService own = thread;
        if (own != null) {
            Future<?> unused = own.schedule(this::publishChanged, 500, TimeUnit.MILLISECONDS);
        }
    }

    private void publishChanged() {
        for (StoredReel reel : reels.liveFollowers()) {
            Following follows = reel.reel().follows();
            if (follows == null || !follows.byItself()) {
                continue;
            }
            try {
                Optional<Published> live = publications.live(reel.id());
                if (live.isPresent()
                        && onlyPicturesChanged(reel, live.get())
                        && publishing.changedSince(reel, live.get())) {
                    publishing.publish(reel);
                }
            } catch (RuntimeException notNow) {
                LOG.warn("Reel {} could not go live by itself: {}", reel.id(), notNow.getMessage());
            }
        }
    }

    /** What somebody changed on the bench waits to be published by hand, and what came into the set waits with it. */
    private boolean onlyPicturesChanged(StoredReel reel, Published live) {
        Reel now = reel.reel();
        Reel asPublished = reels.followed(live.document());
        return asPublished.withName(now.name()).withSlot(now.slot()).equals(now);
    }

    @Override
    public void start() {
        thread = Executors.newSingleThreadScheduledExecutor(work -> {
            Thread own = new Thread(work, "goes-live-by-itself");
            own.setDaemon(true);
            return own;
        });
        look();
    }

    @Override
    public void stop() {
        ScheduledExecutorService own = thread;
        thread = null;
        if (own != null) {
            own.shutdownNow();
        }
    }

    @Override
    public boolean isRunning() {
        return thread != null;
    }
}
