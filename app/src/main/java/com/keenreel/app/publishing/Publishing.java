package com.keenreel.app.publishing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.jobs.Workers;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.JobStore;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.PublicationStore.Begun;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.StoredReel;
import com.keenreel.app.store.VersionStore;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.space.Facts;
import com.keenreel.core.text.Advances;
import com.keenreel.imaging.PublishedType;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Drawing;
import com.keenreel.publish.Drawn;
import com.keenreel.publish.Folder;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.FragmentWriter;
import com.keenreel.publish.Material;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.PlayerFiles;
import com.keenreel.publish.Snippet;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes drafts and publications. Both are written by the same hand; only the addresses of pictures differ. */
@Component
public class Publishing {

    private final PictureStore pictures;
    private final VersionStore versions;
    private final PublicationStore publications;
    private final OnWall.Maker onWall;
    private final Prints prints;
    private final Workers workers;
    private final ContentFiles files;
    private final PublicAddress publicAddress;
    private final Advances type = new PublishedType();
    /** What the wall showed of the reels that were edited last. */
    private final Cache<String, Drawn> drawn =
            Caffeine.newBuilder().maximumSize(12).build();

    Publishing(
            PictureStore pictures,
            VersionStore versions,
            PublicationStore publications,
            OnWall.Maker onWall,
            Prints prints,
            Workers workers,
            ContentFiles files,
            PublicAddress publicAddress) {
        this.pictures = pictures;
        this.versions = versions;
        this.publications = publications;
        this.onWall = onWall;
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

    /** Where everything of a reel stands, whatever the day. */
    public Layout layout(Reel reel, Shelf shelf) {
        return Layout.of(reel, shelf.facts(type));
    }

    /** Where everything of a reel stands that visitors would meet today. */
    public Layout layout(Reel reel) {
        Reel seen = reel.on(LocalDate.now());
        return Layout.of(seen, shelf(seen).facts(type));
    }

    /** Where everything stands of what is live. */
    public Layout layout(Published live) {
        Reel reel = live.document().on(LocalDate.now());
        return Layout.of(reel, frozen(reel, live).facts(type));
    }

    private Shelf frozen(Reel reel, Published live) {
        Map<PictureId, Version> shown = new LinkedHashMap<>();
        reel.pictures().forEach(picture -> {
            Long version = live.versions().get(picture);
            if (version != null) {
                shown.put(picture, versions.version(version));
            }
        });
        return shelf(reel).frozen(shown);
    }

    /** A reel as it is stored, as visitors would meet it today. */
    public Draft draft(StoredReel stored) {
        return draft(stored, stored.reel(), null);
    }

    /**
     * A reel as it would be if it were that.
     *
     * @param open a slide that is shown even if visitors would not meet it today; null for none
     */
    public Draft draft(StoredReel stored, Reel reel, @Nullable SlideId open) {
        LocalDate today = LocalDate.now();
        Reel seen = reel.withSlides(reel.slides().stream()
                .filter(slide -> slide.showing().on(today) || slide.id().equals(open))
                .toList());
        OnWall shown = onWall.of(stored, reel, type);
        return new Draft(stored, reel, seen, shown, Layout.of(seen, shown.facts()));
    }

    /** What the wall shows of a draft. */
    public Drawing drawing(Draft draft) {
        return drawing(draft, material(draft));
    }

    private Drawing drawing(Draft draft, Material material) {
        Drawn before = drawn.get(draft.stored().id(), reel -> new Drawn());
        return FragmentWriter.draft(material, draft.layout(), before);
    }

    /** The page of a wall's frame. */
    public AddressPage page(Draft draft, String port) {
        Material material = material(draft);
        Fragment fragment = drawing(draft, material).fragment();
        return AddressPage.draft(fragment, draft.stored().slug(), material, port);
    }

    private Material material(Draft draft) {
        Map<PictureId, PictureFiles> all = draft.pictures().files();
        PictureFiles first = Material.firstPicture(draft.seen()).map(all::get).orElse(Edition.NO_PICTURE);
        Reel inOrder = draft.seen().withChoices(draft.seen().choices().with(MotionOptions.ANEW, null, false));
        return new Material(inOrder, draft.facts(), all, first); // all pages of the wall show the same
    }

    /** Tries again at once what could not be made of the pictures of a reel. */
    public void tryAgain(Reel reel) {
        prints.tryAgain(shelf(reel.withoutHidden()));
    }

    /**
     * Has the files made in which a reel would be published now.
     *
     * @param priority of {@link com.keenreel.app.store.JobStore}
     * @return how far that is
     * @throws Refusal when a picture cannot be published
     */
    public Prints.Progress prepare(Reel reel, long priority) {
        Reel met = reel.withoutHidden();
        Shelf shelf = shelf(met);
        return prints.ask(met, shelf, shelf.facts(type), priority);
    }

    /**
     * Publishes the head: waits for missing files of pictures, then goes live at once.
     *
     * @throws Refusal when there is nothing to publish, or a picture cannot be shown
     */
    public Published publish(StoredReel head) {
        Reel reel = head.reel().withoutHidden();
        refuseBinned(head);
        if (head.reel().slides().isEmpty()) {
            throw new Refusal("A reel without slides cannot be published. Add a picture first.");
        }
        LocalDate today = LocalDate.now();
        if (reel.on(today).slides().isEmpty()
                && reel.turns(today).stream()
                        .allMatch(day -> reel.on(day).slides().isEmpty())) {
            throw new Refusal("All slides are hidden, or their days are over: visitors would meet nothing.");
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
        Reel without = live.document().without(pictures);
        if (without.slides().isEmpty()) {
            publications.takeDown(reel.id());
        } else {
            publish(reel, without, () -> frozen(without, live));
        }
    }

    private Published publish(StoredReel stored, Reel reel, Supplier<Shelf> shelf) {
        Begun since = publications.begin(stored.id());
        workers.until(() -> complete(reel, shelf.get()), Duration.ofMinutes(5));
        Published publication = edition(stored, reel, shelf.get()).published(); // what was seen in them is known now
        Set<String> needed =
                publication.files().stream().map(Published.File::sha256).collect(Collectors.toSet());
        PlayerFiles.shipped().published().stream()
                .filter(own -> needed.contains(own.sha256()))
                .forEach(own -> files.put(own.bytes())); // they outlive this build
        publications.goLive(publication, since);
        return publication;
    }

    /** Asks again each time: what is seen in a picture, once it is known, can change in which widths others are needed. */
    private boolean complete(Reel reel, Shelf shelf) {
        return prints.ask(reel, shelf, shelf.facts(type), JobStore.SOON).isComplete();
    }

    private Edition edition(StoredReel stored, Reel reel, Shelf shelf) {
        Facts facts = shelf.facts(type);
        return new Edition(stored, reel, shelf, facts, prints.files(shelf, prints.widths(reel, shelf, facts)));
    }

    /**
     * Whether visitors would meet something else if the head were published now. What another release has published is
     * printed otherwise whatever was done, so that there only what was done counts.
     */
    public boolean changedSince(StoredReel reel, Published live) {
        try {
            Reel met = reel.reel().withoutHidden();
            Shelf shelf = shelf(met);
            if (PlayerFiles.shipped().isOf(live.fragment())) {
                return !edition(reel, met, shelf).fingerprint().equals(live.fingerprint());
            }
            return !met.equals(live.document().withSlot(met.slot()))
                    || !shelf.versions().equals(live.versions());
        } catch (Refusal notReady) {
            return true;
        }
    }

    /** The line that shows the folder of what is live inside a page beside it. */
    String folderLine(StoredReel reel, Published live) {
        Reel now = live.document().on(LocalDate.now());
        return Folder.line(material(reel, live, now.slides().isEmpty() ? live.document() : now), reel.slug());
    }

    /** What an editor pastes to show that publication, made for the slot that was chosen last. */
    public Snippet snippet(StoredReel reel, Published live) {
        Reel now = live.document().on(LocalDate.now());
        Material material = material(reel, live, now.slides().isEmpty() ? live.document() : now);
        return new Snippet(material, publicAddress.origin(), reel.slug());
    }

    /** That publication as a folder, which keeps to the days of its slides by itself. */
    public Folder folder(StoredReel reel, Published live) {
        LocalDate today = LocalDate.now();
        SortedMap<LocalDate, Material> later = new TreeMap<>();
        live.document()
                .turns(today)
                .forEach(day ->
                        later.put(day, material(reel, live, live.document().on(day))));
        return new Folder(material(reel, live, live.document().on(today)), later, reel.slug());
    }

    /** Where a published picture or video is kept, by the address that a folder's material gives it. */
    public Path kept(Published live, String address) {
        String name = address.substring(address.lastIndexOf('/') + 1, address.lastIndexOf('.'));
        if (!name.startsWith("first-")) {
            return files.of(name);
        }
        int width = Integer.parseInt(name.substring("first-".length()));
        String extension = address.substring(address.lastIndexOf('.') + 1);
        return live.on(LocalDate.now()).first().stream()
                .filter(file -> file.firstWidth() == width && file.format().equals(extension))
                .findFirst()
                .map(file -> files.of(file.sha256()))
                .orElseThrow(() -> new NotThere("A picture of this publication is missing."));
    }

    private Material material(StoredReel reel, Published live, Reel shown) {
        Reel published = shown.withSlot(reel.reel().slot());
        Shelf shelf = frozen(published, live);
        Set<String> own = live.files().stream().map(Published.File::sha256).collect(Collectors.toSet());
        Map<Long, List<Made>> made = versions.made(shelf.versions().values());
        Map<PictureId, List<Made>> files = new LinkedHashMap<>();
        published
                .pictures()
                .forEach(picture -> files.put(
                        picture,
                        made.getOrDefault(shelf.version(picture).id(), List.of()).stream()
                                .filter(one -> own.contains(one.sha256()))
                                .toList()));
        return new Edition(reel, published, shelf, shelf.facts(type), files).material(published);
    }

    /** The height that code for a page would keep free if the head were published now; empty when it cannot be. */
    public Optional<String> reservedByHead(StoredReel reel) {
        if (reel.reel().slides().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Snippet(material(draft(reel)), "", reel.slug()).reserved());
    }
}
