package com.keenreel.app.summaries;

import com.keenreel.app.document.Unreadable;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.Ids;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.app.store.Summary;
import com.keenreel.app.store.Summary.State;
import com.keenreel.app.store.SummaryStore;
import com.keenreel.app.store.SummaryStore.Stale;
import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.HeightKind;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.rendition.Need;
import com.keenreel.imaging.Format;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.boot.info.BuildProperties;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Keeps the summaries of reels up to date: a list asks first for those that have changed since it was looked at last, which
 * are few. All of them are made anew, beside that, only by another build: it may say or draw them otherwise.
 */
@Component
public class Summaries implements SmartLifecycle {
    private static final Logger LOG = LoggerFactory.getLogger(Summaries.class);

    private final SummaryStore store;
    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final String build;
    private volatile boolean running;

    Summaries(
            SummaryStore store,
            ReelStore reels,
            PublicationStore publications,
            Publishing publishing,
            ObjectProvider<BuildProperties> built) {
        this.store = store;
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
        this.build = built.stream()
                .map(BuildProperties::getTime)
                .map(String::valueOf)
                .findFirst()
                .orElseGet(Ids::fresh);
    }

    /** The store, once every summary in it is of what its reel is now. */
    public SummaryStore upToDate() {
        store.stale().forEach(this::make);
        return store;
    }

    private synchronized void make(Stale stale) {
        Summary summary;
        try {
            StoredReel reel = reels.find(stale.reel());
            summary = of(reel);
        } catch (Unreadable unreadable) { // it, or what is live of it: it takes nothing else down
            summary = new Summary(
                    stale.reel(),
                    stale.state(),
                    stale.name(),
                    State.CLOSED,
                    String.valueOf(unreadable.getMessage()),
                    "",
                    store.changedAt(stale.reel()),
                    Set.of());
        } catch (NotThere gone) {
            return;
        }
        store.put(summary, build);
    }

    private Summary of(StoredReel stored) {
        Reel reel = stored.reel();
        Shelf shelf = publishing.shelf(reel);
        return new Summary(
                stored.id(),
                stored.state(),
                reel.name(),
                state(stored),
                says(reel),
                Strip.of(reel, publishing.layout(reel, shelf), shelf, stored.id()),
                stored.changedAt(),
                soft(reel, shelf));
    }

    private State state(StoredReel reel) {
        Optional<Published> live = publications.live(reel.id());
        if (live.isPresent()) {
            return publishing.changedSince(reel, live.get()) ? State.CHANGED : State.LIVE;
        }
        return reel.wasLive() ? State.DOWN : State.DRAFT;
    }

    /** The pictures that it shows larger than they are. */
    private Set<PictureId> soft(Reel reel, Shelf shelf) {
        Set<PictureId> soft = new HashSet<>();
        Need.of(reel, publishing.facts(shelf)).forEach((picture, need) -> {
            var version = shelf.version(picture);
            if (version.format() != Format.SVG && need.soft(version.width())) {
                soft.add(picture);
            }
        });
        return soft;
    }

    /** "Row of 3, at most 1200 px wide, 1:1, 9 slides". */
    /** What makes pictures as high as they are on desk. */
    private static String height(Reel reel) {
        Choices choices = reel.choices();
        HeightKind kind = Arrangements.of(reel).has(ShapeOptions.HEIGHT)
                ? choices.get(ShapeOptions.HEIGHT, SetUp.DESK)
                : HeightKind.RATIO;
        return switch (kind) {
            case RATIO -> choices.get(ShapeOptions.RATIO, SetUp.DESK).toString();
            case FIXED -> said(choices, ShapeOptions.FIXED) + " high";
            case WINDOW -> said(choices, ShapeOptions.OF_WINDOW) + " of the window high";
            case PICTURES -> "as high as its tallest picture";
        };
    }

    private static String said(Choices choices, Option<Double> option) {
        return option.domain().say(choices.get(option, SetUp.DESK));
    }

    static String says(Reel reel) {
        Arrangement arrangement = Arrangements.of(reel);
        List<String> says = new ArrayList<>();
        says.add(arrangement.summary(reel));
        ReelWidth width = reel.choices().get(ShapeOptions.WIDTH);
        says.add(width.equals(ReelWidth.FILLS) ? "fills its place" : width.toString());
        if (arrangement.has(ShapeOptions.RATIO)) {
            says.add(height(reel));
            boolean pairs = reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair);
            String kind = pairs ? "pair" : "slide";
            says.add(reel.slides().size() + " " + kind + (reel.slides().size() == 1 ? "" : "s"));
        }
        return String.join(", ", says);
    }

    private void makeAll() {
        for (Stale old : store.notMadeBy(build)) {
            if (!running) {
                return;
            }
            try {
                make(old);
            } catch (RuntimeException later) {
                LOG.warn("What lists say of the reel {} stays as it was: {}", old.reel(), later.getMessage());
            }
        }
    }

    @Override
    public void start() {
        running = true;
        Thread thread = new Thread(this::makeAll, "summaries");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }
}
