package com.keenreel.core.edit;

import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Lets the slides come from a set, or be picked by hand.
 *
 * @param following null to pick by hand
 * @param slides what comes to stand there, so that taking this back brings back what stood there before: those of them
 *     that are there now stay as they are now; null for the slides of that moment
 */
public record FollowSet(
        @Nullable Following following, @Nullable List<Slide> slides) implements Edit {
    public FollowSet {
        slides = slides == null ? null : List.copyOf(slides);
    }

    /** With the slides that stand there. */
    public FollowSet(@Nullable Following following) {
        this(following, null);
    }

    /** The same, where slides that are picked by hand from then on are those that are seen now. */
    public FollowSet seeing(Reel seen) {
        return following == null && slides == null ? new FollowSet(null, seen.slides()) : this;
    }

    @Override
    public Reel applyTo(Reel reel) {
        Reel changed = reel.withFollows(following);
        return slides == null
                ? changed
                : changed.withSlides(slides.stream()
                        .map(slide -> reel.slide(slide.id()).orElse(slide))
                        .toList());
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new FollowSet(reel.follows(), reel.slides());
    }

    @Override
    public Set<String> touches() {
        return Set.of("follows");
    }

    @Override
    public String say(Reel reel) {
        if (following == null) {
            return "slides by hand";
        }
        return "follows a set, " + following.order().words() + ", at most " + following.most();
    }

    /** Refuses what a reel that follows a set cannot be told: which slides there are, and in which order. */
    static void refuse(Reel reel) {
        if (reel.follows() != null) {
            throw new Refusal(
                    "The slides of this reel come from a set. Change the set, or turn to picking by hand first.");
        }
    }
}
