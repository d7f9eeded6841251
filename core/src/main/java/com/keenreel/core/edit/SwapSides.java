package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Swaps the sides of a comparison: pictures, names unless they are the usual ones, and where its divider starts. */
public record SwapSides(SlideId slide) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).swapped());
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return this;
    }

    @Override
    public Set<String> touches() {
        return SlideAt.everySide(slide);
    }

    @Override
    public String say(Reel reel) {
        return "sides of " + SlideAt.say(reel, slide) + " swapped";
    }
}
