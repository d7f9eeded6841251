package com.keenreel.app.pictures;

import com.keenreel.app.publishing.Publishing;
import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.ReelStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.rendition.Need;
import com.keenreel.imaging.Format;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** Which pictures some reel shows larger than they are. Calculated once for each state of a reel. */
@Component
class Softness {
    private final ReelStore reels;
    private final Publishing publishing;
    private final Map<String, State> known = new ConcurrentHashMap<>();

    private record State(long revision, Map<PictureId, Long> versions, Set<PictureId> soft) {}

    Softness(ReelStore reels, Publishing publishing) {
        this.reels = reels;
        this.publishing = publishing;
    }

    /** All of them. */
    Set<PictureId> of() {
        Set<PictureId> all = new HashSet<>();
        for (StoredReel reel : reels.all()) {
            all.addAll(of(reel));
        }
        return all;
    }

    private Set<PictureId> of(StoredReel reel) {
        Shelf shelf = publishing.shelf(reel.reel());
        Map<PictureId, Long> versions = shelf.versions();
        State state = known.get(reel.id());
        if (state == null
                || state.revision() != reel.revision()
                || !state.versions().equals(versions)) {
            Set<PictureId> soft = new HashSet<>();
            Need.of(reel.reel(), publishing.facts(shelf)).forEach((picture, need) -> {
                var version = shelf.version(picture);
                if (version.format() != Format.SVG && need.soft(version.width())) {
                    soft.add(picture);
                }
            });
            state = new State(reel.revision(), versions, Set.copyOf(soft));
            known.put(reel.id(), state);
        }
        return state.soft();
    }
}
