package com.keenreel.app.publishing;

import com.keenreel.app.store.Published;
import com.keenreel.app.store.Published.Stage;
import com.keenreel.app.store.StoredPicture.KeptVideo;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.space.Facts;
import com.keenreel.imaging.Format;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Fingerprint;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.FragmentWriter;
import com.keenreel.publish.Material;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.PlayerFiles;
import com.keenreel.publish.Snippet;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One state of a reel in the files in which it is published.
 */
final class Edition {
    /** Days to come on which the slides of one publication may change: each is a whole reel made ready. */
    private static final int MOST_TURNS = 60;

    /** Stands for the first picture of a reel that shows none. */
    static final PictureFiles NO_PICTURE = PictureFiles.of(List.of(new PictureFiles.File(0, "/f/none.svg")));

    private final StoredReel stored;
    private final Reel reel;
    private final Shelf shelf;
    private final Facts facts;
    private final Map<PictureId, List<Made>> made;

    /**
     * That state.
     *
     * @param stored the reel it is of
     * @param reel without what is hidden
     * @param made the files of each picture
     */
    Edition(StoredReel stored, Reel reel, Shelf shelf, Facts facts, Map<PictureId, List<Made>> made) {
        this.stored = stored;
        this.reel = reel;
        this.shelf = shelf;
        this.facts = facts;
        this.made = made;
    }

    /**
     * The publication.
     *
     * @throws Refusal when its slides change on too many days
     */
    Published published() {
        LocalDate today = LocalDate.now();
        String fingerprint = fingerprint();
        String id = PlayerFiles.sha256((stored.id() + fingerprint).getBytes(StandardCharsets.UTF_8))
                .substring(0, 24);
        Stage now = stage(null, reel.on(today), id);
        List<Stage> later = new ArrayList<>();
        List<LocalDate> turns = reel.turns(today);
        if (turns.size() > MOST_TURNS) {
            throw new Refusal("The slides of this reel change on " + turns.size() + " days to come; at most "
                    + MOST_TURNS + " can be published.");
        }
        turns.forEach(day -> later.add(stage(day, reel.on(day), id + "-" + day)));
        Reel pasted = reel.on(today).slides().isEmpty() ? reel : reel.on(today);
        return new Published(
                id,
                stored.id(),
                stored.revision(),
                reel,
                fingerprint,
                shelf.versions(),
                now.fragment(),
                now.page(),
                now.policy(),
                new Snippet(material(pasted), "", stored.slug()).reserved(),
                needed(now, later),
                System.currentTimeMillis(),
                later);
    }

    /** Everything that a publication needs by content. */
    private List<Published.File> needed(Stage now, List<Stage> later) {
        Map<String, Published.File> needed = new LinkedHashMap<>();
        now.first().forEach(file -> needed.put(file.sha256(), file));
        made.values()
                .forEach(own -> own.forEach(one -> needed.putIfAbsent(
                        one.sha256(),
                        new Published.File(one.sha256(), one.format().extension(), -1))));
        made.keySet()
                .forEach(picture -> video(picture)
                        .filter(file -> Stream.concat(Stream.of(now), later.stream())
                                .anyMatch(stage -> stage.fragment().contains(file.sha256())))
                        .ifPresent(file -> needed.put(file.sha256(), file)));
        for (PlayerFiles.Shipped own : PlayerFiles.shipped().published()) {
            if (Stream.concat(Stream.of(now), later.stream())
                    .anyMatch(stage -> stage.fragment().contains(own.sha256()))) {
                needed.put(own.sha256(), new Published.File(own.sha256(), own.extension(), -1));
            }
        }
        return List.copyOf(needed.values());
    }

    /** What visitors meet on all days, as a hash: it does not change because a day is over. */
    String fingerprint() {
        String days = reel.slides().stream()
                .filter(slide -> !slide.showing().equals(Showing.ALWAYS))
                .map(slide -> slide.id() + " " + slide.showing())
                .collect(Collectors.joining(", "));
        return Fingerprint.of(FragmentWriter.write(material(reel), ""), days);
    }

    /** What visitors meet of a reel from a day on. */
    private Stage stage(@Nullable LocalDate from, Reel shown, String version) {
        Material material = material(shown);
        Fragment fragment = FragmentWriter.write(material, version);
        AddressPage page = AddressPage.of(fragment, stored.slug(), material);
        List<Published.File> first = Material.firstPicture(shown).map(made::get).orElse(List.of()).stream()
                .map(one -> new Published.File(one.sha256(), one.format().extension(), one.width()))
                .toList();
        return new Stage(from, fragment.markedJson(), page.html(), page.policy(), first);
    }

    /** What that is printed of: it, or those of its slides that are met on one day. */
    Material material(Reel shown) {
        Map<PictureId, PictureFiles> all = new LinkedHashMap<>();
        made.forEach((picture, own) -> all.put(
                picture,
                files(own, one -> "/f/" + one.sha256() + ".")
                        .of(video(picture).map(Edition::address).orElse(null))));
        PictureFiles stable = Material.firstPicture(shown)
                .map(picture -> files(
                        made.getOrDefault(picture, List.of()),
                        one -> "/r/" + stored.slug() + "/first-" + one.width() + "."))
                .orElse(NO_PICTURE);
        return new Material(shown, facts, all, stable);
    }

    /** The video that a picture stands for, as a file that visitors may have. */
    private Optional<Published.File> video(PictureId picture) {
        KeptVideo video = shelf.version(picture).video();
        return Optional.ofNullable(video)
                .map(one -> new Published.File(one.sha256(), one.kind().extension(), -1));
    }

    private static String address(Published.File file) {
        return "/f/" + file.sha256() + "." + file.format();
    }

    private static PictureFiles files(List<Made> made, Function<Made, String> start) {
        List<PictureFiles.File> browsers = new ArrayList<>();
        PictureFiles.File fallback = null;
        for (Made one : made) {
            PictureFiles.File file = new PictureFiles.File(
                    one.width(), start.apply(one) + one.format().extension());
            if (one.format() == Format.WEBP || one.format() == Format.SVG) {
                browsers.add(file);
            } else {
                fallback = file;
            }
        }
        return fallback == null ? PictureFiles.of(browsers) : new PictureFiles(browsers, fallback, null);
    }
}
