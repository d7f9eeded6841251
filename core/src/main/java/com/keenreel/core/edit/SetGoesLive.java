package com.keenreel.core.edit;

import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import java.util.Set;

/**
 * Says whether what changes in the followed set goes live.
 *
 * @param byItself false for waiting until somebody publishes
 */
public record SetGoesLive(boolean byItself) implements FollowingEdit {
    @Override
    public Following applyTo(Following former) {
        return former.withByItself(byItself);
    }

    @Override
    public FollowingEdit inverseOn(Following former) {
        return new SetGoesLive(former.byItself());
    }

    @Override
    public Set<String> touches() {
        return Set.of("how the followed set goes live");
    }

    @Override
    public String say(Reel reel) {
        return byItself ? "what changes goes live by itself" : "what changes waits to be published";
    }
}
