package com.keenreel.core.edit;

import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetUp;
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
        SlideId slide, SetUp setUp, @Nullable PictureId picture) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        return SlideAt.change(reel, slide, one -> one.withInstead(one.instead().with(setUp, picture)));
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new SetPictureOn(
                slide, setUp, SlideAt.find(reel, slide).instead().said(setUp));
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
