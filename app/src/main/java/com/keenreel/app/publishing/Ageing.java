package com.keenreel.app.publishing;

import com.keenreel.app.store.Erasing;
import com.keenreel.app.store.SettingStore;
import com.keenreel.core.edit.Refusal;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/** Deletes publications that were live long ago, at the start and once a day. */
@Component
class Ageing implements SmartLifecycle {
    /** For how long earlier publications can be kept, days; 0 for good. */
    static final List<Integer> CHOICES = List.of(30, 90, 365, 0);

    private static final String SETTING = "earlier-publications-days";
    private static final Logger LOG = LoggerFactory.getLogger(Ageing.class);

    private final SettingStore settings;
    private final Erasing erasing;
    private volatile @Nullable ScheduledExecutorService thread;

    Ageing(SettingStore settings, Erasing erasing) {
        this.settings = settings;
        this.erasing = erasing;
    }

    /** For how long they are kept, days; 0 for good. */
    int days() {
        return settings.get(SETTING).map(Integer::valueOf).orElse(365);
    }

    /**
     * Keeps them for that long from now on.
     *
     * @throws Refusal when it is none of the choices
     */
    void keep(int days) {
        if (!CHOICES.contains(days)) {
            throw new Refusal("Earlier publications are kept for 30, 90 or 365 days, or for good.");
        }
        settings.put(SETTING, String.valueOf(days));
        look();
    }

    void look() {
        try {
            if (days() > 0) {
                erasing.publicationsBefore(
                        System.currentTimeMillis() - Duration.ofDays(days()).toMillis());
            }
        } catch (RuntimeException notNow) {
            LOG.warn("Old publications are still there", notNow);
        }
    }

    @Override
    public void start() {
        ScheduledExecutorService own = Executors.newSingleThreadScheduledExecutor(work -> {
            Thread thread = new Thread(work, "ageing");
            thread.setDaemon(true);
            return thread;
        });
        Future<?> unused = own.scheduleAtFixedRate(this::look, 1, 24 * 60L, TimeUnit.MINUTES);
        thread = own;
    }

    @Override
    public void stop() {
        ScheduledExecutorService own = thread;
        if (own != null) {
            own.shutdown();
        }
        thread = null;
    }

    @Override
    public boolean isRunning() {
        return thread != null;
    }
}
