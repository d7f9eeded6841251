package com.keenreel.core.edit;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Sets the focal point of a slide.
 *
 * @param setUp where it holds; null for all
 * @param focal null takes it back
 */
public record SetFocalPoint(
        SlideId slide, @Nullable SetUp setUp, @Nullable FocalPoint focal) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withFocal(former.focal().with(setUp, focal));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetFocalPoint(slide, setUp, former.focal().said(setUp));
    }

    @Override
    public Set<String> touches() {
        return Set.of("focal point of " + slide + (setUp == null ? "" : "@" + setUp.word()));
    }

    @Override
    public String say(Reel reel) {
        return "focal point of " + SlideAt.say(reel, slide) + (setUp == null ? "" : " on " + setUp.word()) + ": "
                + (focal == null ? "as before" : focal.toString());
    }
}
