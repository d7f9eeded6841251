package com.keenreel.core.arrangement;

import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.VideoKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Video;
import com.keenreel.core.space.Facts;
import org.jspecify.annotations.Nullable;

/** Which slides of a reel play a video. */
public final class Playing {
    private Playing() {}

    /** The video that its picture stands for; null where there is none, or its arrangement plays none. */
    public static @Nullable Video carried(Reel reel, Slide slide, Facts facts) {
        return slide.carries() instanceof Carries.Picture carried
                        && Arrangements.of(reel).has(MotionOptions.VIDEO)
                ? facts.of(carried.picture()).video()
                : null;
    }

    /** Whether a slide plays one. */
    public static boolean plays(Reel reel, Slide slide, Facts facts) {
        return carried(reel, slide, facts) != null
                && slide.chosen(MotionOptions.VIDEO, reel.choices()) != VideoKind.STILL;
    }

    /** Whether any slide plays one: there has to be something to stop it with. */
    public static boolean any(Reel reel, Facts facts) {
        return reel.slides().stream().anyMatch(slide -> plays(reel, slide, facts));
    }
}
