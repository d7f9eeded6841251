package com.keenreel.app.publishing;

import com.keenreel.app.access.Settings;
import com.keenreel.app.jobs.Workers;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.Published;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredPicture.Made;
import com.keenreel.app.store.StoredPicture.State;
import com.keenreel.app.store.StoredPicture.Version;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Layout;
import com.keenreel.core.text.Advances;
import com.keenreel.imaging.PublishedType;
import com.keenreel.publish.AddressPage;
import com.keenreel.publish.Fingerprint;
import com.keenreel.publish.Fragment;
import com.keenreel.publish.FragmentWriter;
import com.keenreel.publish.Material;
import com.keenreel.publish.PictureFiles;
import com.keenreel.publish.Snippet;
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
    private final Settings settings;
    private final Advances type = new PublishedType();

    Publishing(
            ReelStore reels, PictureStore pictures, PublicationStore publications, Workers workers, Settings settings) {
        this.reels = reels;
        this.pictures = pictures;
        this.publications = publications;
        this.workers = workers;
        this.settings = settings;
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
        Shelf shelf = shelf(reel);
        Map<PictureId, PictureFiles> files = shelf.draftFiles();
        PictureFiles first = first(reel).map(files::get).orElse(NO_PICTURE);
        return FragmentWriter.write(new Material(reel, shelf.facts(type), files, first), version);
    }

    /** The picture that is drawn first. */
    private static Optional<PictureId> first(Reel reel) {
        if (reel.slides().isEmpty()) {
            return Optional.empty();
        }
        Carries carries = reel.slides().get(0).carries();
        List<PictureId> shown = carries.pictures();
        return shown.isEmpty() ? Optional.empty() : Optional.of(shown.get(shown.size() - 1));
    }

    /**
     * Publishes the head: waits for missing renditions, then goes live at once.
     *
     * @throws Refusal when there is nothing to publish, or a picture cannot be shown
     */
    public Published publish(StoredReel reel) {
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
        Published publication = publication(reel, shelf);
        publications.goLive(publication);
        return publication;
    }

    private Published publication(StoredReel reel, Shelf shelf) {
        Set<Published.File> files = new LinkedHashSet<>();
        Material material = material(reel.slug(), reel.reel(), shelf, files);
        Fragment written = FragmentWriter.write(material, "");
        String fingerprint = Fingerprint.of(written);
        String id = fingerprint.substring(0, 24);
        Fragment fragment =
                new Fragment(id, written.html(), written.css(), written.plan(), written.player(), written.type());
        AddressPage page = AddressPage.of(fragment, reel.slug(), reel.reel().name());
        return new Published(
                id,
                reel.id(),
                reel.revision(),
                fingerprint,
                shelf.versions(),
                fragment.markedJson(),
                page.html(),
                page.policy(),
                List.copyOf(files),
                System.currentTimeMillis());
    }

    private Material material(String slug, Reel reel, Shelf shelf, Set<Published.File> needed) {
        Map<PictureId, PictureFiles> all = new LinkedHashMap<>();
        Optional<PictureId> firstPicture = first(reel);
        PictureFiles first = NO_PICTURE;
        for (PictureId picture : reel.pictures()) {
            boolean isFirst = firstPicture.filter(picture::equals).isPresent();
            List<PictureFiles.File> files = new ArrayList<>();
            List<PictureFiles.File> atStable = new ArrayList<>();
            for (Made made :
                    Shelf.published(pictures.made(shelf.version(picture).id()))) {
                String extension = made.format().extension();
                files.add(new PictureFiles.File(made.width(), "/f/" + made.sha256() + "." + extension));
                atStable.add(
                        new PictureFiles.File(made.width(), "/r/" + slug + "/first-" + made.width() + "." + extension));
                needed.add(new Published.File(made.sha256(), extension, isFirst ? made.width() : -1));
            }
            if (files.isEmpty()) {
                throw new Refusal("A picture of this reel is not ready: it is still being worked on.");
            }
            all.put(picture, new PictureFiles(files));
            if (isFirst) {
                first = new PictureFiles(atStable);
            }
        }
        return new Material(reel, shelf.facts(type), all, first);
    }

    /** Whether visitors would meet something else if the head were published now. */
    public boolean changedSince(StoredReel reel, Published live) {
        try {
            return !publication(reel, shelf(reel.reel())).fingerprint().equals(live.fingerprint());
        } catch (Refusal notReady) {
            return true;
        }
    }

    /** What an editor pastes to show what is live, made for the slot that was chosen last. */
    public Snippet snippet(StoredReel reel, Published live) {
        Reel published =
                reels.at(live.reelId(), live.revision()).withSlot(reel.reel().slot());
        Material material = material(reel.slug(), published, frozen(published, live), new LinkedHashSet<>());
        return new Snippet(material, settings.publicOrigin(), reel.slug());
    }
}
