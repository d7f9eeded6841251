package com.keenreel.core.edit;

import com.keenreel.core.reel.Options;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SlideId;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Says whether a slide's picture opens the larger view when it is pressed.
 *
 * @param larger null for as the reel's slides do
 */
public record SetLargerView(SlideId slide, @Nullable Boolean larger) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        return SlideAt.change(reel, slide, one -> one.withLarger(larger));
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new SetLargerView(slide, SlideAt.find(reel, slide).larger());
    }

    @Override
    public Set<String> touches() {
        return Set.of("larger view of " + slide);
    }

    @Override
    public String say(Reel reel) {
        return "picture of " + SlideAt.say(reel, slide) + " pressed -> "
                + (larger == null ? "as the reel" : Options.LARGER.domain().say(larger));
    }
}
