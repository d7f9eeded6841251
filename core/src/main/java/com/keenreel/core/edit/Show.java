package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Says when visitors meet a slide: hides it without taking it out, or names its days. */
public record Show(SlideId slide, Showing showing) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        return SlideAt.change(reel, slide, one -> one.withShowing(showing));
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new Show(slide, SlideAt.find(reel, slide).showing());
    }

    @Override
    public Set<String> touches() {
        return Set.of("days of " + slide);
    }

    @Override
    public String say(Reel reel) {
        String which = SlideAt.say(reel, slide);
        return showing.hidden() ? which + " hidden" : which + " shows " + showing;
    }
}
