package com.keenreel.app.publishing;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.jobs.Workers;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Layout;
import com.keenreel.core.text.Advances;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.PublishedType;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Fingerprint;
import com.keenreel.publish.Folder;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.FragmentWriter;
import com.keenreel.publish.Material;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.PlayerFiles;
import com.keenreel.publish.Snippet;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Makes drafts and publications. Both are written by the same hand; only the addresses of pictures differ. */
@Component
public class Publishing {
    private static final PictureFiles NO_PICTURE = PictureFiles.of(List.of(new PictureFiles.File(0, "/f/none.svg")));

    private final PictureStore pictures;
    private final PublicationStore publications;
    private final Prints prints;
    private final Workers workers;
    private final ContentFiles files;
    private final PublicAddress publicAddress;
    private final Advances type = new PublishedType();

    Publishing(
            PictureStore pictures,
            PublicationStore publications,
            Prints prints,
            Workers workers,
            ContentFiles files,
            PublicAddress publicAddress) {
        this.pictures = pictures;
        this.publications = publications;
        this.prints = prints;
        this.workers = workers;
        this.files = files;
        this.publicAddress = publicAddress;
    }

    /** The pictures a reel shows, each in its newest version. */
    public Shelf shelf(Reel reel) {
        return new Shelf(pictures.all(reel.pictures()));
    }

    /** What calculations need of those pictures. */
    public Facts facts(Shelf shelf) {
        return shelf.facts(type);
    }

    /** Where everything of a reel stands. */
    public Layout layout(Reel reel) {
        return Layout.of(reel, shelf(reel).facts(type));
    }

    /** Where everything stands of what is live. */
    public Layout layout(Published live) {
        Reel reel = live.document();
        return Layout.of(reel, frozen(reel, live).facts(type));
    }

    private Shelf frozen(Reel reel, Published live) {
        Map<PictureId, Version> versions = new LinkedHashMap<>();
        reel.pictures().forEach(picture -> {
            Long version = live.versions().get(picture);
            if (version != null) {
                versions.put(picture, pictures.version(version));
            }
        });
        return shelf(reel).frozen(versions);
    }

    /** A reel as it is stored. */
    public Draft draft(StoredReel stored) {
        return draft(stored, stored.reel());
    }

    /** A reel as it would be if it were that. */
    public Draft draft(StoredReel stored, Reel shown) {
        Shelf shelf = shelf(shown);
        Facts facts = shelf.facts(type);
        return new Draft(stored, shown, shelf, facts, Layout.of(shown, facts));
    }

    /** What the wall shows of a draft. */
    public Fragment fragment(Draft draft) {
        return FragmentWriter.write(material(draft), version(draft));
    }

    /** The page of a wall's frame. */
    public AddressPage page(Draft draft, String port) {
        Material material = material(draft);
        Fragment fragment = FragmentWriter.write(material, version(draft));
        return AddressPage.draft(fragment, draft.stored().slug(), material, port);
    }

    private static String version(Draft draft) {
        return "revision " + draft.stored().revision();
    }

    private Material material(Draft draft) {
        Map<PictureId, PictureFiles> all =
                draft.shelf().draftFiles(publications.liveWidths(draft.stored().id()));
        PictureFiles first = Material.firstPicture(draft.reel()).map(all::get).orElse(NO_PICTURE);
        return new Material(draft.reel(), draft.facts(), all, first);
    }

    /**
     * Has the files made in which a reel would be published now.
     *
     * @param priority of {@link com.keenreel.app.store.JobStore}
     * @return how far that is
     * @throws Refusal when a picture cannot be published
     */
    public Prints.Progress prepare(Reel reel, long priority) {
        Shelf shelf = shelf(reel);
        return prints.ask(reel, shelf, shelf.facts(type), priority);
    }

    /**
     * Publishes the head: waits for missing files of pictures, then goes live at once.
     *
     * @throws Refusal when there is nothing to publish, or a picture cannot be shown
     */
    public Published publish(StoredReel head) {
        Reel reel = head.reel();
        refuseBinned(head);
        if (reel.slides().isEmpty()) {
            throw new Refusal("A reel without slides cannot be published. Add a picture first.");
        }
        return publish(head, reel, () -> shelf(reel));
    }

    /**
     * Refuses to show visitors what lies in the bin.
     *
     * @throws Refusal when it does
     */
    static void refuseBinned(StoredReel reel) {
        if (reel.binned()) {
            throw new Refusal("This reel is in the bin. Take it out first, on Reels.");
        }
    }

    /**
     * Publishes what is live again without those pictures, whatever was changed on the bench since; takes the reel down
     * when nothing is left of it. Does nothing where none of them is live.
     */
    public void withdraw(StoredReel reel, Collection<PictureId> pictures) {
        Published live = publications.live(reel.id()).orElse(null);
        if (live == null || Collections.disjoint(live.versions().keySet(), pictures)) {
            return;
        }
        Reel without = live.document()
                .withSlides(live.document().slides().stream()
                        .filter(slide -> Collections.disjoint(slide.carries().pictures(), pictures))
                        .toList());
        if (without.slides().isEmpty()) {
            publications.takeDown(reel.id());
        } else {
            publish(reel, without, () -> frozen(without, live));
        }
    }

    private Published publish(StoredReel stored, Reel reel, Supplier<Shelf> shelf) {
        Shelf before = shelf.get();
        prints.ask(reel, before, before.facts(type), JobStore.SOON);
        workers.until(() -> complete(reel, shelf.get()), Duration.ofMinutes(5));
        Published publication = publication(stored, reel, shelf.get()); // what was seen in them is known now
        PlayerFiles.shipped().published().forEach(own -> files.put(own.bytes())); // they outlive this build
        publications.goLive(publication);
        return publication;
    }

    private boolean complete(Reel reel, Shelf shelf) {
        return prints.look(reel, shelf, shelf.facts(type)).isComplete();
    }

    private Published publication(StoredReel stored, Reel reel, Shelf shelf) {
        Set<Published.File> needed = new LinkedHashSet<>();
        var made = prints.files(shelf, prints.widths(reel, shelf, shelf.facts(type)));
        Material material = material(stored.slug(), reel, shelf, made, needed);
        PlayerFiles.shipped()
                .published()
                .forEach(own -> needed.add(new Published.File(own.sha256(), own.extension(), -1)));
        Fragment written = FragmentWriter.write(material, "");
        String fingerprint = Fingerprint.of(written);
        String id = PlayerFiles.sha256((stored.id() + fingerprint).getBytes(StandardCharsets.UTF_8))
                .substring(0, 24);
        Fragment fragment = written.as(id);
        AddressPage page = AddressPage.of(fragment, stored.slug(), material);
        return new Published(
                id,
                stored.id(),
                stored.revision(),
                reel,
                fingerprint,
                shelf.versions(),
                fragment.markedJson(),
                page.html(),
                page.policy(),
                new Snippet(material, "", stored.slug()).reserved(),
                List.copyOf(needed),
                System.currentTimeMillis());
    }

    /** The material of what is published in those files; adds everything that it needs. */
    private Material material(
            String slug, Reel reel, Shelf shelf, Map<PictureId, List<Made>> made, Set<Published.File> needed) {
        Map<PictureId, PictureFiles> all = new LinkedHashMap<>();
        Optional<PictureId> first = Material.firstPicture(reel);
        made.forEach((picture, own) -> {
            boolean isFirst = first.filter(picture::equals).isPresent();
            own.forEach(one ->
                    needed.add(new Published.File(one.sha256(), one.format().extension(), isFirst ? one.width() : -1)));
            all.put(picture, files(own, one -> "/f/" + one.sha256() + "."));
        });
        PictureFiles stable = first.map(picture -> files(
                        made.getOrDefault(picture, List.of()), one -> "/r/" + slug + "/first-" + one.width() + "."))
                .orElse(NO_PICTURE);
        return new Material(reel, shelf.facts(type), all, stable);
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
        return fallback == null ? PictureFiles.of(browsers) : new PictureFiles(browsers, fallback);
    }

    /** Whether visitors would meet something else if the head were published now. */
    public boolean changedSince(StoredReel reel, Published live) {
        try {
            return !publication(reel, reel.reel(), shelf(reel.reel()))
                    .fingerprint()
                    .equals(live.fingerprint());
        } catch (Refusal notReady) {
            return true;
        }
    }

    /** What an editor pastes to show that publication, made for the slot that was chosen last. */
    public Snippet snippet(StoredReel reel, Published live) {
        return new Snippet(material(reel, live), publicAddress.origin(), reel.slug());
    }

    /** That publication as a folder. */
    public Folder folder(StoredReel reel, Published live) {
        return new Folder(material(reel, live), reel.slug());
    }

    /** The bytes of a published picture, by the address that a folder's material gives it. */
    public byte[] bytes(Published live, String address) {
        String name = address.substring(address.lastIndexOf('/') + 1, address.lastIndexOf('.'));
        if (!name.startsWith("first-")) {
            return files.read(name);
        }
        int width = Integer.parseInt(name.substring("first-".length()));
        String extension = address.substring(address.lastIndexOf('.') + 1);
        return live.files().stream()
                .filter(file -> file.firstWidth() == width && file.format().equals(extension))
                .findFirst()
                .map(file -> files.read(file.sha256()))
                .orElseThrow(() -> new NotThere("A picture of this publication is missing."));
    }

    private Material material(StoredReel reel, Published live) {
        Reel published = live.document().withSlot(reel.reel().slot());
        Shelf shelf = frozen(published, live);
        Set<String> own = live.files().stream().map(Published.File::sha256).collect(Collectors.toSet());
        Map<Long, List<Made>> made = pictures.made(shelf.versions().values());
        Map<PictureId, List<Made>> files = new LinkedHashMap<>();
        published
                .pictures()
                .forEach(picture -> files.put(
                        picture,
                        made.getOrDefault(shelf.version(picture).id(), List.of()).stream()
                                .filter(one -> own.contains(one.sha256()))
                                .toList()));
        return material(reel.slug(), published, shelf, files, new LinkedHashSet<>());
    }

    /** The height that code for a page would keep free if the head were published now; empty when it cannot be. */
    public Optional<String> reservedByHead(StoredReel reel) {
        if (reel.reel().slides().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Snippet(material(draft(reel)), "", reel.slug()).reserved());
    }
}
