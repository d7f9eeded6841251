package com.keenreel.app.reels;

import com.keenreel.app.pages.Address;
import com.keenreel.app.pages.Offer;
import com.keenreel.app.store.Summary.State;
import com.keenreel.app.store.SummaryStore;
import java.util.List;

/**
 * Which reels somebody wants to see.
 *
 * @param q words that their names have
 * @param state "draft", "live", "changed" or "down"; empty for all
 * @param order "changed" or "name"
 * @param bin "yes" for what is in the bin
 * @param page counted from 1
 */
record ReelWish(String q, String state, String order, String bin, Integer page) {
    ReelWish {
        q = q == null ? "" : q.strip();
        state = state == null ? "" : state;
        order = "name".equals(order) ? "name" : "changed";
        bin = "yes".equals(bin) ? "yes" : "";
        page = page == null ? 1 : Math.max(1, page);
    }

    /** Whether anything but everything is asked for. */
    public boolean narrowed() {
        return !q.isEmpty() || !state.isEmpty();
    }

    /** In the store's terms. */
    SummaryStore.Wanted wanted() {
        State only = null;
        for (State one : State.values()) {
            only = one.word().equals(state) ? one : only;
        }
        return new SummaryStore.Wanted(q, only, bin.equals("yes"), order.equals("name"));
    }

    /** The same without what narrows it. */
    SummaryStore.Wanted widest() {
        return new SummaryStore.Wanted("", null, bin.equals("yes"), false);
    }

    /** Whether it is what is in the bin. */
    public boolean inBin() {
        return bin.equals("yes");
    }

    List<Offer> states() {
        return Offer.of(
                state,
                "",
                "live or not",
                "live",
                "live",
                "changed",
                "live, changed since",
                "draft",
                "drafts",
                "down",
                "taken down");
    }

    List<Offer> orders() {
        return Offer.of(order, "changed", "changed last first", "name", "by name");
    }

    /** The address of another page of the same. */
    String address(int other) {
        return Address.of("/reels", "q", q, "state", state, "order", order, "bin", bin, "page", String.valueOf(other));
    }

    int from(int perPage) {
        return (page - 1) * perPage;
    }
}
