package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Hides a slide from visitors without taking it out, or shows it again. */
public record SetHidden(SlideId slide, boolean hidden) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withShowing(former.showing().withHidden(hidden));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetHidden(slide, former.showing().hidden());
    }

    @Override
    public Set<String> touches() {
        return Set.of("hidden " + slide);
    }

    @Override
    public String say(Reel reel) {
        Slide former = SlideAt.find(reel, slide);
        return SlideAt.say(reel, slide)
                + (hidden ? " hidden" : " shows " + former.showing().withHidden(false));
    }
}
