package com.keenreel.core.edit;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;

/** Says how one side of a comparison shows its picture. */
public record SetSideEffect(SlideId slide, Side side, Effect effect) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).withEffect(side, effect));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetSideEffect(slide, side, SlideAt.pair(former).effect(side));
    }

    @Override
    public Set<String> touches() {
        return Set.of(SlideAt.sideEffect(slide, side));
    }

    @Override
    public String say(Reel reel) {
        String how = effect.isNone()
                ? effect.kind().says()
                : "with " + effect.kind().says() + " of " + Numbers.plain(effect.amount()) + " %";
        return SlideAt.say(reel, slide) + " shows the picture " + side.word() + " " + how;
    }
}
