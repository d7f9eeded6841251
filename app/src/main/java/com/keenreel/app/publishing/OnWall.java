package com.keenreel.app.publishing;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.PublicationStore;
import com.keenreel.app.store.StoredReel;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.text.Advances;
import com.keenreel.publish.PictureFiles;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * The pictures that the wall shows of one state of a reel.
 *
 * @param shelf each in its newest version
 * @param facts what calculations need of them
 * @param files at addresses inside the application
 */
record OnWall(Shelf shelf, Facts facts, Map<PictureId, PictureFiles> files) {
    /** Reads them, once for as long as the state is the same. */
    @Component
    static final class Maker {
        private final PictureStore pictures;
        private final PublicationStore publications;
        private final Cache<Shown, OnWall> known =
                Caffeine.newBuilder().maximumSize(24).build();

        /** A state of a reel, and the pictures that it shows, or would show. */
        private record Shown(String reel, String state, Set<PictureId> pictures) {}

        Maker(PictureStore pictures, PublicationStore publications) {
            this.pictures = pictures;
            this.publications = publications;
        }

        /** Those of a stored reel, if it were that. */
        OnWall of(StoredReel stored, Reel reel, Advances type) {
            Shown shown = new Shown(stored.id(), stored.state(), reel.pictures());
            return known.get(shown, any -> {
                Shelf shelf = new Shelf(pictures.all(shown.pictures()));
                return new OnWall(shelf, shelf.facts(type), shelf.draftFiles(publications.liveWidths(stored.id())));
            });
        }
    }
}
