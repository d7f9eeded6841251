package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Names one side of a comparison. */
public record SetSideName(SlideId slide, Side side, String name) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).withName(side, name));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetSideName(slide, side, SlideAt.pair(former).name(side));
    }

    @Override
    public Set<String> touches() {
        return Set.of(SlideAt.sideName(slide, side));
    }

    @Override
    public boolean isTyped() {
        return true;
    }

    @Override
    public String say(Reel reel) {
        return SlideAt.say(reel, slide) + " calls its " + side.word() + " side \"" + name + "\"";
    }
}
