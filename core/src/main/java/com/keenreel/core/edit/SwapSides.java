package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import java.util.HashSet;
import java.util.Set;

/** Swaps the sides of a comparison: pictures, what is said of them, names unless they are the usual ones, and where its divider starts. */
public record SwapSides(SlideId slide) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).swapped())
                .withWords(former.words().swapped());
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return this;
    }

    @Override
    public Set<String> touches() {
        Set<String> all = new HashSet<>(SlideAt.everySide(slide));
        all.addAll(new SetWords(slide, Words.Field.ALT, null).touches());
        all.addAll(new SetWords(slide, Words.Field.ALT_BEFORE, null).touches());
        return all;
    }

    @Override
    public String say(Reel reel) {
        return "sides of " + SlideAt.say(reel, slide) + " swapped";
    }
}
