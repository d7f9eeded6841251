package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries.Between;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.List;
import java.util.Set;

/** Says which states a comparison shows between before and after. */
public record SetBetween(SlideId slide, List<Between> states) implements SlideEdit {
    public SetBetween {
        states = List.copyOf(states);
    }

    @Override
    public Reel applyTo(Reel reel) {
        FollowSet.refuse(reel);
        return SlideEdit.super.applyTo(reel);
    }

    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).withBetween(states));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetBetween(slide, SlideAt.pair(former).between());
    }

    @Override
    public Set<String> touches() {
        return Set.of(SlideAt.dividerStart(slide));
    }

    @Override
    public String say(Reel reel) {
        String count = states.isEmpty() ? "no state" : states.size() == 1 ? "one state" : states.size() + " states";
        return SlideAt.say(reel, slide) + " shows " + count + " between before and after";
    }
}
