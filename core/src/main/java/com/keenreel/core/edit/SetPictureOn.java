package com.keenreel.core.edit;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Shows another picture in one set-up. It has an effect while the slide carries one picture.
 *
 * @param setUp where
 * @param picture null takes it back
 */
public record SetPictureOn(
        SlideId slide, SetUp setUp, @Nullable PictureId picture) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withInstead(former.instead().with(setUp, picture));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetPictureOn(slide, setUp, former.instead().said(setUp));
    }

    @Override
    public Set<String> touches() {
        return Set.of("picture of " + slide + "@" + setUp.word());
    }

    @Override
    public String say(Reel reel) {
        return SlideAt.say(reel, slide) + " shows "
                + (picture == null
                        ? "its picture on " + setUp.word() + " again"
                        : "another picture on " + setUp.word());
    }
}
