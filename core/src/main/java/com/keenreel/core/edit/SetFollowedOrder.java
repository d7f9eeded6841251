package com.keenreel.core.edit;

import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetOrder;
import java.util.Set;

/** Says in which order the pictures of the followed set come. */
public record SetFollowedOrder(SetOrder order) implements FollowingEdit {
    @Override
    public Following applyTo(Following former) {
        return former.withOrder(order);
    }

    @Override
    public FollowingEdit inverseOn(Following former) {
        return new SetFollowedOrder(former.order());
    }

    @Override
    public Set<String> touches() {
        return Set.of("order of the followed set");
    }

    @Override
    public String say(Reel reel) {
        return "follows its set " + order.words();
    }
}
