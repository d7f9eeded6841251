package com.keenreel.app.publishing;

import com.keenreel.app.access.PublicAddress;
import com.keenreel.app.jobs.Workers;
import com.keenreel.app.store.ContentFiles;
import com.keenreel.app.store.NotThere;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Layout;
import com.keenreel.core.text.Advances;
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
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Makes drafts and publications. Both are written by the same hand; only the addresses of pictures differ. */
@Component
public class Publishing {
    private static final PictureFiles NO_PICTURE = new PictureFiles(List.of(new PictureFiles.File(0, "/f/none.svg")));

    private final ReelStore reels;
    private final PictureStore pictures;
    private final PublicationStore publications;
    private final Workers workers;
    private final ContentFiles files;
    private final PublicAddress publicAddress;
    private final Advances type = new PublishedType();

    Publishing(
            ReelStore reels,
            PictureStore pictures,
            PublicationStore publications,
            Workers workers,
            ContentFiles files,
            PublicAddress publicAddress) {
        this.reels = reels;
        this.pictures = pictures;
        this.publications = publications;
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
        Reel reel = reels.at(live.reelId(), live.revision());
        return Layout.of(reel, frozen(reel, live).facts(type));
    }

    private Shelf frozen(Reel reel, Published live) {
        Map<PictureId, Version> versions = new LinkedHashMap<>();
        live.versions().forEach((picture, version) -> versions.put(picture, pictures.version(version)));
        return shelf(reel).frozen(versions);
    }

    /** What the wall shows. */
    public Fragment draft(Reel reel, String version) {
        return FragmentWriter.write(draftMaterial(reel), version);
    }

    /** The page of a wall's frame. */
    public AddressPage draftPage(StoredReel reel, String port) {
        Material material = draftMaterial(reel.reel());
        Fragment fragment = FragmentWriter.write(material, "revision " + reel.revision());
        return AddressPage.draft(fragment, reel.slug(), material, port);
    }

    private Material draftMaterial(Reel reel) {
        Shelf shelf = shelf(reel);
        Map<PictureId, PictureFiles> all = shelf.draftFiles();
        return material(reel, shelf, all, all);
    }

    /** The material of a reel; {@code stable} has the files of its first picture. */
    private Material material(
            Reel reel, Shelf shelf, Map<PictureId, PictureFiles> all, Map<PictureId, PictureFiles> stable) {
        Material material = new Material(reel, shelf.facts(type), all, NO_PICTURE);
        PictureFiles first = material.firstPicture().map(stable::get).orElse(NO_PICTURE);
        return new Material(reel, material.facts(), all, first);
    }

    /**
     * Publishes the head: waits for missing renditions, then goes live at once.
     *
     * @throws Refusal when there is nothing to publish, or a picture cannot be shown
     */
    public Published publish(StoredReel head) {
        StoredReel reel = reels.settle(head.id(), "publishing");
        if (reel.reel().slides().isEmpty()) {
            throw new Refusal("A reel without slides cannot be published. Add a picture first.");
        }
        Shelf shelf = shelf(reel.reel());
        for (PictureId picture : reel.reel().pictures()) {
            Version version = workers.await(shelf.version(picture).id(), Duration.ofMinutes(2));
            if (version.state() != State.READY) {
                throw new Refusal("A picture of this reel is not ready: "
                        + (version.problem() == null ? "it is still being worked on." : version.problem()));
            }
        }
        Published publication = publication(reel, shelf(reel.reel())); // what was seen in them is known now
        PlayerFiles.shipped().published().forEach(own -> files.put(own.bytes())); // they outlive this build
        publications.goLive(publication);
        return publication;
    }

    private Published publication(StoredReel reel, Shelf shelf) {
        Set<Published.File> needed = new LinkedHashSet<>();
        Material material = material(reel.slug(), reel.reel(), shelf, needed);
        PlayerFiles.shipped()
                .published()
                .forEach(own -> needed.add(new Published.File(own.sha256(), own.extension(), -1)));
        Fragment written = FragmentWriter.write(material, "");
        String fingerprint = Fingerprint.of(written);
        String id = PlayerFiles.sha256((reel.id() + fingerprint).getBytes(StandardCharsets.UTF_8))
                .substring(0, 24);
        Fragment fragment = written.as(id);
        AddressPage page = AddressPage.of(fragment, reel.slug(), material);
        return new Published(
                id,
                reel.id(),
                reel.revision(),
                fingerprint,
                shelf.versions(),
                fragment.markedJson(),
                page.html(),
                page.policy(),
                new Snippet(material, "", reel.slug()).reserved(),
                List.copyOf(needed),
                System.currentTimeMillis());
    }

    private Material material(String slug, Reel reel, Shelf shelf, Set<Published.File> needed) {
        Map<PictureId, PictureFiles> all = new LinkedHashMap<>();
        Map<PictureId, PictureFiles> stable = new LinkedHashMap<>();
        Optional<PictureId> first = new Material(reel, shelf.facts(type), Map.of(), NO_PICTURE).firstPicture();
        for (PictureId picture : reel.pictures()) {
            boolean isFirst = first.filter(picture::equals).isPresent();
            List<PictureFiles.File> byContent = new ArrayList<>();
            List<PictureFiles.File> atStable = new ArrayList<>();
            for (Made made :
                    Shelf.published(pictures.made(shelf.version(picture).id()))) {
                String extension = made.format().extension();
                byContent.add(new PictureFiles.File(made.width(), "/f/" + made.sha256() + "." + extension));
                atStable.add(
                        new PictureFiles.File(made.width(), "/r/" + slug + "/first-" + made.width() + "." + extension));
                needed.add(new Published.File(made.sha256(), extension, isFirst ? made.width() : -1));
            }
            if (byContent.isEmpty()) {
                throw new Refusal("A picture of this reel is not ready: it is still being worked on.");
            }
            all.put(picture, new PictureFiles(byContent));
            stable.put(picture, new PictureFiles(atStable));
        }
        return material(reel, shelf, all, stable);
    }

    /** Whether visitors would meet something else if the head were published now. */
    public boolean changedSince(StoredReel reel, Published live) {
        try {
            return !publication(reel, shelf(reel.reel())).fingerprint().equals(live.fingerprint());
        } catch (Refusal notReady) {
            return true;
        }
    }

    /** The document that was published. */
    public Reel published(Published publication) {
        return reels.at(publication.reelId(), publication.revision());
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
        return live.files().stream()
                .filter(file -> file.firstWidth() == width)
                .findFirst()
                .map(file -> files.read(file.sha256()))
                .orElseThrow(() -> new NotThere("A picture of this publication is missing."));
    }

    private Material material(StoredReel reel, Published live) {
        Reel published = published(live).withSlot(reel.reel().slot());
        return material(reel.slug(), published, frozen(published, live), new LinkedHashSet<>());
    }

    /** The height that code for a page would keep free if the head were published now; empty when it cannot be. */
    public Optional<String> reservedByHead(StoredReel reel) {
        if (reel.reel().slides().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Snippet(draftMaterial(reel.reel()), "", reel.slug()).reserved());
    }
}
