package com.keenreel.app.store;

import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SetId;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which pictures somebody wants to see. */
public final class Library {
    private Library() {}

    /** In which order. */
    public enum Order {
        NEWEST("newest first"),
        OLDEST("oldest first"),
        NAME("by name"),
        TAKEN("by date taken"),
        LAID_OUT("as laid out");

        private final String words;

        Order(String words) {
            this.words = words;
        }

        /** As the page says it. */
        public String words() {
            return words;
        }
    }

    /**
     * A wish.
     *
     * @param text words that must all be in its name or its words; may be empty
     * @param set of which set; null for all
     * @param used in a reel, in none, or null for either
     * @param described with alt text, without, or null for either
     * @param found only those whose file's words nobody has looked at
     * @param among only these; null for all
     * @param binned those in the bin instead of the others
     */
    public record Wanted(
            String text,
            @Nullable SetId set,
            @Nullable Boolean used,
            @Nullable Boolean described,
            boolean found,
            @Nullable Set<PictureId> among,
            boolean binned,
            Order order) {
        /** Everything, newest first. */
        public static final Wanted ALL = new Wanted("", null, null, null, false, null, false, Order.NEWEST);
    }

    /**
     * A page of what was found.
     *
     * @param total how many there are in all
     * @param missing how many of all have no alt text
     * @param fromFiles how many of all say what was found in their files and nobody has looked at
     */
    public record Found(List<StoredPicture> pictures, int total, int missing, int fromFiles) {}

    /** What the whole library holds. */
    public record Counts(int pictures, int unused, int binned, long bytes) {}
}
