package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Takes a slide out of the reel. */
public record RemoveSlide(SlideId slide) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        FollowSet.refuse(reel);
        List<Slide> slides = new ArrayList<>(reel.slides());
        slides.remove(SlideAt.position(reel, slide));
        return reel.withSlides(slides);
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new AddSlide(SlideAt.find(reel, slide), SlideAt.after(reel, slide));
    }

    @Override
    public Set<String> touches() {
        return Set.of("slide " + slide);
    }

    @Override
    public String say(Reel reel) {
        return SlideAt.say(reel, slide) + " removed";
    }
}
