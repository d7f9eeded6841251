package com.keenreel.core.edit;

import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import java.util.Set;

/**
 * Says how many pictures of the followed set are shown.
 *
 * @param most 1 to 500
 */
public record SetMostFollowed(int most) implements FollowingEdit {
    @Override
    public Following applyTo(Following former) {
        return former.withMost(most);
    }

    @Override
    public FollowingEdit inverseOn(Following former) {
        return new SetMostFollowed(former.most());
    }

    @Override
    public Set<String> touches() {
        return Set.of("most of the followed set");
    }

    @Override
    public String say(Reel reel) {
        return "follows its set, at most " + most;
    }
}
