package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.HashSet;
import java.util.Set;

/** Exchanges what a slide carries; its words, hold and link stay. */
public record SetCarried(SlideId slide, Carries carries) implements SlideEdit {
    @Override
    public Reel applyTo(Reel reel) {
        FollowSet.refuse(reel);
        return SlideEdit.super.applyTo(reel);
    }

    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(carries);
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetCarried(slide, former.carries());
    }

    @Override
    public Set<String> touches() {
        Set<String> touched = new HashSet<>(SlideAt.everySide(slide));
        touched.add("picture of " + slide);
        return touched;
    }

    @Override
    public String say(Reel reel) {
        Carries former = SlideAt.find(reel, slide).carries();
        String which = SlideAt.say(reel, slide);
        if (carries instanceof Carries.Plain plain) {
            return "colour of " + which + ": " + plain.colour().hex();
        }
        boolean samePictures = former.pictures().equals(carries.pictures());
        return samePictures ? "sides of " + which + " changed" : which + " shows another picture";
    }
}
