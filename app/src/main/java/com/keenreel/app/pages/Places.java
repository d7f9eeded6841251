package com.keenreel.app.pages;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The places that a page's header leads to. */
@Component("places")
public final class Places {
    /**
     * A place.
     *
     * @param current "page" for where one is; null elsewhere
     */
    public record Place(
            String address, String name, @Nullable String current) {}

    /** All of them; one is there, or in none of them. */
    public List<Place> seenFrom(String here) {
        return Offer.of(
                        here,
                        "/reels",
                        "Reels",
                        "/pictures",
                        "Pictures",
                        "/practice",
                        "Practice pages",
                        "/help",
                        "Help")
                .stream()
                .map(one -> new Place(one.value(), one.words(), one.chosen() ? "page" : null))
                .toList();
    }
}
