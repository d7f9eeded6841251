package com.keenreel.core.edit;

import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Lets the slides come from a set, or be picked by hand.
 *
 * @param following null to pick by hand; the slides of that moment stay
 */
public record FollowSet(@Nullable Following following) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        return reel.withFollows(following);
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new FollowSet(reel.follows());
    }

    @Override
    public Set<String> touches() {
        return Set.of("follows");
    }

    @Override
    public String say(Reel reel) {
        Following before = reel.follows();
        if (following == null) {
            return "slides by hand";
        }
        String how = following.order().words() + ", at most " + following.most();
        if (before == null || !before.set().equals(following.set())) {
            return "follows a set, " + how;
        }
        if (before.byItself() != following.byItself()) {
            return following.byItself() ? "what changes goes live by itself" : "what changes waits to be published";
        }
        return "follows its set " + how;
    }

    /** Refuses what a reel that follows a set cannot be told: which slides there are, and in which order. */
    static void refuse(Reel reel) {
        if (reel.follows() != null) {
            throw new Refusal(
                    "The slides of this reel come from a set. Change the set, or turn to picking by hand first.");
        }
    }
}
