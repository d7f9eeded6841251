package com.keenreel.app.store;

import com.keenreel.core.reel.Reel;
import org.jspecify.annotations.Nullable;

/**
 * A reel as it is kept.
 *
 * @param id its id
 * @param slug names it in public addresses; fixed when it is made
 * @param revision the head's number
 * @param reel the head as it is seen: where it follows a set, with the slides that the set has now
 * @param known the same with slides that are out of the set at present, which edits keep
 * @param live the id of the publication that is live, if any
 * @param wasLive whether it was ever published
 * @param changedAt when the head was made, ms since 1970
 * @param differsSince when what it shows changed last: its head, its set or its pictures, ms since 1970
 * @param binned whether it lies in the bin
 */
public record StoredReel(
        String id,
        String slug,
        long revision,
        Reel reel,
        Reel known,
        @Nullable String live,
        boolean wasLive,
        long changedAt,
        long differsSince,
        boolean binned) {
    /** The same reel with a newer head, made at that time. */
    StoredReel changed(long number, Reel seen, Reel kept, long at) {
        return new StoredReel(id, slug, number, seen, kept, live, wasLive, at, at, binned);
    }

    /** The same for as long as its head, the set it follows, its pictures and what is live of it stay the same. */
    public String state() {
        return revision + "." + differsSince + "." + live;
    }
}
