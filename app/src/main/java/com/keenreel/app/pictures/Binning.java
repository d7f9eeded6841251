package com.keenreel.app.pictures;

import com.keenreel.app.publishing.ByItself;
import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.store.EditStore;
import com.keenreel.app.store.Erasing;
import com.keenreel.app.store.Ids;
import com.keenreel.app.store.LinedStore;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.edit.Difference;
import com.keenreel.core.edit.Edit;
import com.keenreel.core.edit.Several;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Puts pictures into the bin and takes them out of it, with what that does to the reels that show them. */
@Component
class Binning {
    private static final String EDITOR = "pictures";

    private final PictureStore pictures;
    private final LinedStore lined;
    private final ReelStore reels;
    private final EditStore edits;
    private final PublicationStore publications;
    private final Publishing publishing;
    private final Erasing erasing;
    private final ByItself byItself;

    Binning(
            PictureStore pictures,
            LinedStore lined,
            ReelStore reels,
            EditStore edits,
            PublicationStore publications,
            Publishing publishing,
            Erasing erasing,
            ByItself byItself) {
        this.pictures = pictures;
        this.lined = lined;
        this.reels = reels;
        this.edits = edits;
        this.publications = publications;
        this.publishing = publishing;
        this.erasing = erasing;
        this.byItself = byItself;
    }

    private Map<String, StoredReel> showing(Collection<PictureId> ids) {
        Map<String, StoredReel> showing = new LinkedHashMap<>();
        lined.withMadeOf(ids).forEach(id -> reels.showing(id).forEach(reel -> showing.put(reel.id(), reel)));
        return showing;
    }

    /** What to ask before those go into the bin; empty when no reel shows them. */
    String question(Collection<PictureId> ids) {
        List<String> showing = names(showing(ids).values());
        List<String> live = names(live(ids));
        boolean one = ids.size() == 1;
        StringBuilder question = new StringBuilder();
        if (!showing.isEmpty()) {
            question.append(one ? "It is" : "They are")
                    .append(" shown in ")
                    .append(String.join(", ", showing))
                    .append(", and will be taken out there.");
        }
        if (!live.isEmpty()) {
            question.append(question.isEmpty() ? "" : " ")
                    .append("What is live (")
                    .append(String.join(", ", live))
                    .append(") goes on showing ")
                    .append(one ? "it" : "them")
                    .append(" until it is published again. Withdrawing takes ")
                    .append(one ? "it" : "them")
                    .append(" out there now, and nothing else.");
        }
        return question.toString();
    }

    /** Whether visitors see one of those, so that it can be withdrawn. */
    boolean isLive(Collection<PictureId> ids) {
        return !publications.liveWith(lined.withMadeOf(ids)).isEmpty();
    }

    private static List<String> names(Collection<StoredReel> reels) {
        return reels.stream().map(reel -> reel.reel().name()).toList();
    }

    private List<StoredReel> live(Collection<PictureId> ids) {
        return publications.liveWith(lined.withMadeOf(ids)).stream()
                .map(reels::find)
                .toList();
    }

    /**
     * Puts pictures into the bin and takes their slides out of reels.
     *
     * @param everywhere whether what is live is published again at once, just without them
     */
    void bin(Collection<PictureId> ids, boolean everywhere) {
        Map<String, StoredReel> showing = showing(ids);
        Set<PictureId> all = lined.withMadeOf(ids);
        pictures.bin(all, true);
        showing.values().forEach(reel -> takeOut(reel, all));
        if (everywhere) {
            live(ids).forEach(reel -> publishing.withdraw(reel, all));
        }
        byItself.look();
    }

    private void takeOut(StoredReel reel, Collection<PictureId> ids) {
        Reel without = reel.reel().without(ids);
        if (without.follows() != null) {
            without = reel.reel().withChoices(without.choices()); // its set has let go of them by itself
        }
        List<Edit> removals = Difference.between(reel.reel(), without);
        if (!removals.isEmpty()) {
            edits.apply(reel.id(), new Several(removals), EDITOR, Ids.fresh(), reel.revision());
        }
    }

    /** What to ask before pictures that lie in the bin are deleted for good. */
    String lastQuestion(Collection<PictureId> ids) {
        List<String> live = names(live(ids));
        boolean one = ids.size() == 1;
        return (one ? "This picture" : "These " + ids.size() + " pictures") + " and everything made of "
                + (one ? "it" : "them") + " will be deleted for good; earlier publications with "
                + (one ? "it" : "them")
                + " too. This cannot be undone."
                + (live.isEmpty()
                        ? ""
                        : " Visitors still see " + (one ? "it" : "them") + " in " + String.join(", ", live) + ": there "
                                + (one ? "it is" : "they are") + " withdrawn first.")
                + " Browsers of those who have seen " + (one ? "it" : "them") + " may keep copies.";
    }

    /** Withdraws pictures that lie in the bin from what is live, and deletes them for good. */
    void erase(Collection<PictureId> ids) {
        live(ids).forEach(reel -> publishing.withdraw(reel, lined.withMadeOf(ids)));
        erasing.pictures(ids);
    }

    /** Takes pictures out of the bin; slides come back by undoing, or by being added again. */
    void restore(Collection<PictureId> ids) {
        pictures.bin(lined.withMadeOf(ids), false);
        byItself.look();
    }
}
