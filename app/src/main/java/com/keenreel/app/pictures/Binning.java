package com.keenreel.app.pictures;

import com.keenreel.app.publishing.ByItself;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.Ids;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.edit.Remove;
import com.keenreel.core.edit.Several;
import com.keenreel.core.reel.PictureId;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Pictures going into the bin and coming back, and what that does to the reels that show them. */
@Component
class Binning {
    private static final String EDITOR = "pictures";

    private final PictureStore pictures;
    private final ReelStore reels;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final ByItself byItself;

    Binning(
            PictureStore pictures,
            ReelStore reels,
            PublicationStore publications,
            Publishing publishing,
            ByItself byItself) {
        this.pictures = pictures;
        this.reels = reels;
        this.publications = publications;
        this.publishing = publishing;
        this.byItself = byItself;
    }

    private Map<String, StoredReel> showing(Collection<PictureId> ids) {
        Map<String, StoredReel> showing = new LinkedHashMap<>();
        ids.forEach(id -> reels.showing(id).forEach(reel -> showing.put(reel.id(), reel)));
        return showing;
    }

    /** What to ask before those go into the bin; empty when no reel shows them. */
    String question(Collection<PictureId> ids) {
        Collection<StoredReel> showing = showing(ids).values();
        if (showing.isEmpty()) {
            return "";
        }
        String names = String.join(
                ", ", showing.stream().map(reel -> reel.reel().name()).toList());
        List<String> live = showing.stream()
                .filter(reel -> reel.live() != null)
                .map(reel -> reel.reel().name())
                .toList();
        String what = ids.size() == 1 ? "It is" : "They are";
        return what + " shown in " + names + ", and will be taken out there."
                + (live.isEmpty()
                        ? ""
                        : " What is live (" + String.join(", ", live) + ") goes on showing "
                                + (ids.size() == 1 ? "it" : "them")
                                + " until it is published again; withdrawing publishes it as it is on the bench.");
    }

    /**
     * Puts pictures into the bin and takes their slides out of reels.
     *
     * @param everywhere whether what is live is published again without them, at once
     */
    void bin(Collection<PictureId> ids, boolean everywhere) {
        Map<String, StoredReel> showing = showing(ids);
        pictures.bin(ids, true);
        showing.values().forEach(reel -> takeOut(reel, ids));
        if (everywhere) {
            showing.values().stream().filter(reel -> reel.live() != null).forEach(reel -> withdraw(reel.id()));
        }
        byItself.look();
    }

    private void takeOut(StoredReel reel, Collection<PictureId> ids) {
        if (reel.reel().follows() != null) {
            reels.settle(reel.id(), EDITOR); // its set has let go of them by itself
            return;
        }
        List<Edit> removals = reel.reel().slides().stream()
                .filter(slide -> slide.carries().pictures().stream().anyMatch(ids::contains))
                .<Edit>map(slide -> new Remove(slide.id()))
                .toList();
        if (!removals.isEmpty()) {
            reels.apply(reel.id(), new Several(removals), EDITOR, Ids.fresh(), reel.revision());
        }
    }

    /** Makes what is live do without it; a reel of which nothing is left is taken down. */
    private void withdraw(String reel) {
        try {
            publishing.publish(reels.find(reel));
        } catch (Refusal nothingLeft) {
            publications.takeDown(reel);
        }
    }

    /** Takes pictures out of the bin; slides come back by undoing, or by being added again. */
    void restore(Collection<PictureId> ids) {
        pictures.bin(ids, false);
        byItself.look();
    }
}
