package com.keenreel.app.store;

import com.keenreel.core.reel.PictureId;
import java.util.Locale;
import java.util.Set;

/**
 * What lists say of a reel in one state of it.
 *
 * @param reel its id
 * @param madeOf the state, see {@link StoredReel#state}
 * @param name the reel's
 * @param state what visitors have of it
 * @param says what it is, in a line
 * @param strip its first slides, as SVG; empty where they cannot be read
 * @param changedAt when its head was made, ms since 1970
 * @param soft the pictures that it shows larger than they are
 */
public record Summary(
        String reel,
        String madeOf,
        String name,
        State state,
        String says,
        String strip,
        long changedAt,
        Set<PictureId> soft) {
    /** What visitors have of a reel. */
    public enum State {
        DRAFT("Draft"),
        LIVE("Live"),
        CHANGED("Live, changed since"),
        DOWN("Taken down"),
        CLOSED("Cannot be read");

        private final String words;

        State(String words) {
            this.words = words;
        }

        /** As the list says it. */
        public String words() {
            return words;
        }

        /** As addresses and tables write it. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
