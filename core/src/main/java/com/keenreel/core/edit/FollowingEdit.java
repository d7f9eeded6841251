package com.keenreel.core.edit;

import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;

/** A change of one thing of how a reel follows its set. */
public sealed interface FollowingEdit extends Edit permits SetFollowedOrder, SetMostFollowed, SetGoesLive {
    /**
     * How the reel follows its set after this edit.
     *
     * @throws IllegalArgumentException when it cannot be like that, with the reason in words
     */
    Following applyTo(Following former);

    /** The edit that makes it again what it was. */
    FollowingEdit inverseOn(Following former);

    @Override
    default Reel applyTo(Reel reel) {
        try {
            return reel.withFollows(applyTo(of(reel)));
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    @Override
    default Edit inverseOn(Reel reel) {
        return inverseOn(of(reel));
    }

    private static Following of(Reel reel) {
        Following follows = reel.follows();
        if (follows == null) {
            throw new Refusal("The slides of this reel are picked by hand: it follows no set.");
        }
        return follows;
    }
}
