package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Exchanges what a slide carries; its words, hold and link stay. */
public record SetCarried(SlideId slide, Carries carries) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        return SlideAt.change(reel, slide, one -> one.withCarries(carries));
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new SetCarried(slide, SlideAt.find(reel, slide).carries());
    }

    @Override
    public Set<String> touches() {
        return Set.of("picture of " + slide);
    }

    @Override
    public String say(Reel reel) {
        Carries former = SlideAt.find(reel, slide).carries();
        boolean samePictures = former.pictures().equals(carries.pictures());
        return SlideAt.say(reel, slide) + (samePictures ? " set up" : " shows another picture");
    }
}
