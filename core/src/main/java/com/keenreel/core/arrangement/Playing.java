package com.keenreel.core.arrangement;

import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.VideoKind;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Video;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Sweep;
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

    /** Whether anything on slides moves by itself, videos or dividers: there has to be something to stop it with. */
    public static boolean moves(Reel reel, Facts facts) {
        return any(reel, facts) || sweeps(reel);
    }

    /** How the divider of what a slide carries moves by itself; null where there is none, or it stands still. */
    public static @Nullable Sweep sweep(Reel reel, Slide slide) {
        return slide.carries() instanceof Carries.Pair pair
                        && Arrangements.of(reel).has(PairOptions.SWEEP)
                ? Sweep.of(reel.choices(), pair)
                : null;
    }

    /** Whether any divider moves by itself. */
    public static boolean sweeps(Reel reel) {
        return reel.slides().stream().anyMatch(slide -> sweep(reel, slide) != null);
    }

    /** Whether any slide plays a video. */
    public static boolean any(Reel reel, Facts facts) {
        return reel.slides().stream().anyMatch(slide -> plays(reel, slide, facts));
    }
}
