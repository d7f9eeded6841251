package com.keenreel.app.publishing;

import com.keenreel.app.jobs.Workers;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.VersionStore;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.rendition.Need;
import com.keenreel.core.space.Facts;
import com.keenreel.imaging.Darkroom;
import com.keenreel.imaging.Format;
import com.keenreel.publish.Material;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The files in which the pictures of a reel are published: which they are, and whether they are made. */
@Component
class Prints {
    /** How many widths of a picture are published at most. */
    private static final int WIDTHS = 6;

    private final VersionStore versions;
    private final JobStore jobs;
    private final Workers workers;

    Prints(VersionStore versions, JobStore jobs, Workers workers) {
        this.versions = versions;
        this.jobs = jobs;
        this.workers = workers;
    }

    /**
     * How far the pictures of a reel are.
     *
     * @param ready how many can be published
     * @param of how many there are
     * @param waits what one of them waits for, as a sentence; empty where none does
     */
    public record Progress(int ready, int of, String waits) {
        boolean isComplete() {
            return ready == of;
        }
    }

    /** The widths in which each picture of a reel is published, px; none for shapes, which have any size. */
    Map<PictureId, List<Integer>> widths(Reel reel, Shelf shelf, Facts facts) {
        Map<PictureId, Need> needs = Need.of(reel, facts);
        Optional<PictureId> first = Material.firstPicture(reel);
        Map<PictureId, List<Integer>> widths = new LinkedHashMap<>();
        for (PictureId picture : reel.pictures()) {
            Version version = shelf.version(picture);
            int widest = Darkroom.widest(version.width(), version.height());
            Need need = needs.get(picture);
            if (version.format() == Format.SVG) {
                widths.put(picture, List.of());
            } else if (need == null || first.filter(picture::equals).isPresent()) {
                widths.put(picture, Need.pasted(widest));
            } else {
                widths.put(picture, need.widths(widest, WIDTHS));
            }
        }
        return widths;
    }

    /**
     * The files of each picture in those widths, its fallback with them.
     *
     * @throws Refusal when some are not made
     */
    Map<PictureId, List<Made>> files(Shelf shelf, Map<PictureId, List<Integer>> widths) {
        Map<Long, List<Made>> made = versions.made(shelf.versions().values());
        Map<PictureId, List<Made>> files = new LinkedHashMap<>();
        widths.forEach((picture, own) -> {
            Version version = shelf.version(picture);
            List<Made> all = made.getOrDefault(version.id(), List.of());
            if (!complete(all, own)) {
                throw new Refusal(shelf.name(picture) + " cannot be published yet: it is still being worked on.");
            }
            int fallback = Darkroom.fallback(version.width(), version.height());
            files.put(
                    picture,
                    all.stream()
                            .filter(one -> switch (one.format()) {
                                case WEBP -> own.contains(one.width());
                                case SVG -> true;
                                default -> one.width() == fallback;
                            })
                            .toList());
        });
        return files;
    }

    private static boolean complete(List<Made> made, List<Integer> widths) {
        Set<Integer> there = webp(made);
        return !made.isEmpty() && there.containsAll(widths);
    }

    private static Set<Integer> webp(List<Made> made) {
        return made.stream()
                .filter(one -> one.format() == Format.WEBP)
                .map(Made::width)
                .collect(Collectors.toSet());
    }

    /**
     * Asks for what is not made yet, and says how far it is.
     *
     * @param priority of {@link JobStore}
     * @throws Refusal when a picture cannot be made
     */
    Progress ask(Reel reel, Shelf shelf, Facts facts, long priority) {
        return look(reel, shelf, facts, (version, missing) -> jobs.more(version.id(), missing, priority));
    }

    /** Somebody wants those pictures now: what was given up or waits is tried again. */
    void tryAgain(Shelf shelf) {
        shelf.versions().values().forEach(version -> {
            if (jobs.problem(version).isPresent() || jobs.waitsFor(version).isPresent()) {
                jobs.tryAgain(version);
            }
        });
    }

    private interface Asking {
        void forMore(Version version, Set<Integer> missing);
    }

    private Progress look(Reel reel, Shelf shelf, Facts facts, Asking asking) {
        Map<PictureId, List<Integer>> widths = widths(reel, shelf, facts);
        Map<Long, List<Made>> made =
                versions.made(new HashSet<>(shelf.versions().values()));
        int ready = 0;
        String waits = "";
        for (Map.Entry<PictureId, List<Integer>> one : widths.entrySet()) {
            Version version = shelf.version(one.getKey());
            List<Made> own = made.getOrDefault(version.id(), List.of());
            String problem = version.state() == State.FAILED
                    ? String.valueOf(version.problem())
                    : jobs.problem(version.id()).orElse(null);
            if (version.state() == State.READY && complete(own, one.getValue())) {
                ready++;
                continue;
            }
            if (problem != null) {
                throw new Refusal(shelf.name(one.getKey()) + " cannot be published: " + problem);
            }
            Set<Integer> missing = new TreeSet<>(one.getValue());
            missing.removeAll(webp(own));
            asking.forMore(version, missing);
            waits = jobs.waitsFor(version.id())
                    .map(what -> shelf.name(one.getKey()) + " waits: " + what)
                    .orElse(waits);
        }
        if (ready < widths.size()) {
            workers.ring();
        }
        return new Progress(ready, widths.size(), waits);
    }
}
