package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Exchanges the picture of one side of a comparison. */
public record SetSidePicture(SlideId slide, Side side, PictureId picture) implements SlideEdit {
    @Override
    public Reel applyTo(Reel reel) {
        FollowSet.refuse(reel);
        return SlideEdit.super.applyTo(reel);
    }

    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).withPicture(side, picture));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetSidePicture(slide, side, SlideAt.pair(former).picture(side));
    }

    @Override
    public Set<String> touches() {
        return Set.of(SlideAt.sidePicture(slide, side));
    }

    @Override
    public String say(Reel reel) {
        return SlideAt.say(reel, slide) + " shows another picture " + side.word();
    }
}
