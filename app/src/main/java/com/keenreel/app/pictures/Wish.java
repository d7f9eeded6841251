package com.keenreel.app.pictures;

import com.keenreel.app.pages.Address;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.store.Library.Order;
import com.keenreel.app.store.Library.Wanted;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.SetId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the address of the library asks for; the framework gives null for what is missing.
 *
 * @param q words to find
 * @param set the id of a set
 * @param used "yes" or "no"
 * @param alt "yes" or "no"; "found" for those that say what was found in their files
 * @param size "soft" for those that a reel shows larger than they are
 * @param order one of {@link Order}, in small letters
 * @param bin "yes" for what is in the bin
 * @param page counted from 1
 */
record Wish(String q, String set, String used, String alt, String size, String order, String bin, Integer page) {
    Wish {
        q = q == null ? "" : q.strip();
        set = set == null ? "" : set;
        used = used == null ? "" : used;
        alt = alt == null ? "" : alt;
        size = size == null ? "" : size;
        bin = bin == null ? "" : bin;
        order = order == null || order.isEmpty() ? (set.isEmpty() ? "newest" : "laid_out") : order;
        page = page == null ? 1 : Math.max(1, page);
    }

    /** In the store's terms. */
    Wanted wanted(Set<PictureId> soft) {
        Order by = Order.NEWEST;
        for (Order one : Order.values()) {
            by = one.name().toLowerCase(Locale.ROOT).equals(order) ? one : by;
        }
        return new Wanted(
                q,
                set.matches("[a-z0-9]{1,24}") ? new SetId(set) : null,
                answer(used),
                alt.equals("found") ? null : answer(alt),
                alt.equals("found"),
                size.equals("soft") ? soft : null,
                bin.equals("yes"),
                by);
    }

    private static @Nullable Boolean answer(String word) {
        return word.isEmpty() ? null : word.equals("yes");
    }

    /** Whether it is what is in the bin. */
    public boolean inBin() {
        return bin.equals("yes");
    }

    /** Whether a set is shown as it is laid out, so that it can be laid out by hand. */
    public boolean laidOut() {
        return order.equals("laid_out");
    }

    List<Offer> orders() {
        List<Order> all = new ArrayList<>(List.of(Order.values()));
        if (set.isEmpty()) {
            all.remove(Order.LAID_OUT);
        }
        return Offer.of(all, one -> one.name().toLowerCase(Locale.ROOT), Order::words, order);
    }

    List<Offer> uses() {
        return Offer.of(used, "", "used or not", "yes", "in a reel", "no", "in no reel");
    }

    List<Offer> alts() {
        return Offer.of(
                alt,
                "",
                "with or without alt text",
                "yes",
                "with alt text",
                "no",
                "without alt text",
                "found",
                "saying what their files said");
    }

    List<Offer> sizes() {
        return Offer.of(size, "", "any size", "soft", "too small for its reel");
    }

    /** The address of another page of the same. */
    String address(int other) {
        return Address.of(
                "/pictures",
                "set",
                set,
                "q",
                q,
                "used",
                used,
                "alt",
                alt,
                "size",
                size,
                "order",
                order,
                "bin",
                bin,
                "page",
                String.valueOf(other));
    }

    /** The address of those of the same set with that about their alt text. */
    String address(String withAlt) {
        return Address.of("/pictures", "set", set, "alt", withAlt);
    }

    int from(int perPage) {
        return (page - 1) * perPage;
    }

    /** Whether anything but everything is asked for. */
    public boolean narrowed() {
        return !q.isEmpty() || !used.isEmpty() || !alt.isEmpty() || !size.isEmpty();
    }
}
