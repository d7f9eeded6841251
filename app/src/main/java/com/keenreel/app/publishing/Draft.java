package com.keenreel.app.publishing;

import com.keenreel.app.store.StoredReel;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;

/**
 * A reel as it is being worked on, with its pictures and where everything of it stands.
 *
 * @param stored the reel as it is stored
 * @param reel its newest revision, or what an edit would make of that
 * @param seen what the wall shows of that: what visitors would meet today, and the slide whose sheet is open
 * @param pictures those it shows
 * @param layout where everything stands that is seen
 */
public record Draft(StoredReel stored, Reel reel, Reel seen, OnWall pictures, Layout layout) {
    /** The pictures it shows, each in its newest version. */
    public Shelf shelf() {
        return pictures.shelf();
    }

    /** What calculations need of its pictures. */
    public Facts facts() {
        return pictures.facts();
    }
}
