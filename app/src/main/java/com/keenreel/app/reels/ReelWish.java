package com.keenreel.app.reels;

import java.text.Normalizer;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * Which reels somebody wants to see.
 *
 * @param q words that their names have
 * @param state "draft", "live", "changed" or "down"; empty for all
 * @param order "changed" or "name"
 * @param bin "yes" for what is in the bin
 */
record ReelWish(
        @Nullable String q,
        @Nullable String state,
        @Nullable String order,
        @Nullable String bin) {
    ReelWish {
        q = q == null ? "" : q.strip();
        state = state == null ? "" : state;
        order = "name".equals(order) ? "name" : "changed";
        bin = "yes".equals(bin) ? "yes" : "";
    }

    /** Whether anything but everything is asked for. */
    public boolean narrowed() {
        return !q.isEmpty() || !state.isEmpty();
    }

    /** Those rows of all that are wanted, in the order that is wanted; they come changed last first. */
    List<ReelsController.Row> of(List<ReelsController.Row> all) {
        String sought = plain(q);
        List<ReelsController.Row> found = all.stream()
                .filter(row -> plain(row.name()).contains(sought))
                .filter(row -> state.isEmpty() || row.state().equals(state))
                .toList();
        return order.equals("name")
                ? found.stream()
                        .sorted(Comparator.comparing(row -> plain(row.name())))
                        .toList()
                : found;
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }
}
