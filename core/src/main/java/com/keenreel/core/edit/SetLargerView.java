package com.keenreel.core.edit;

import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Says whether a slide's picture opens the larger view when it is pressed.
 *
 * @param larger null for as the reel's slides do
 */
public record SetLargerView(SlideId slide, @Nullable Boolean larger) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withLarger(larger);
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetLargerView(slide, former.larger());
    }

    @Override
    public Set<String> touches() {
        return Set.of("larger view of " + slide);
    }

    @Override
    public String say(Reel reel) {
        return "press on the picture of " + SlideAt.say(reel, slide) + ": "
                + (larger == null
                        ? "as the reel"
                        : SteeringOptions.LARGER.domain().say(larger));
    }
}
