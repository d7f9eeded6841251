package com.keenreel.app.reels;

import com.keenreel.app.store.Summary.State;
import com.keenreel.app.store.SummaryStore;

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

    int from(int perPage) {
        return (page - 1) * perPage;
    }
}
