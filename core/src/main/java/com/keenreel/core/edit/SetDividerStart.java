package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/**
 * Says where the divider of a comparison stands at first.
 *
 * @param startsAt as a fraction 0 to 1 of the width
 */
public record SetDividerStart(SlideId slide, double startsAt) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).withStart(startsAt));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetDividerStart(slide, SlideAt.pair(former).startsAt());
    }

    @Override
    public Set<String> touches() {
        return Set.of(SlideAt.dividerStart(slide));
    }

    @Override
    public String say(Reel reel) {
        return "divider of " + SlideAt.say(reel, slide) + " starts at " + Math.round(100 * startsAt) + " %";
    }
}
