package com.keenreel.core.arrangement;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Reel;
import java.util.List;

/**
 * A reel as visitors may steer it: where it goes on by itself and they only pause it, nothing else of what was chosen for
 * them holds, and all of it holds again when that is taken back.
 */
public final class Steered {
    private static final List<Option<Boolean>> ALL = List.of(
            SteeringOptions.ARROWS,
            SteeringOptions.DOTS,
            SteeringOptions.SWIPE,
            SteeringOptions.KEYS,
            SteeringOptions.WHEEL,
            SteeringOptions.SCREEN,
            SteeringOptions.FITS,
            ThumbOptions.SHOWN);

    private Steered() {}

    /** The same reel where visitors steer it. */
    public static Reel of(Reel reel) {
        Arrangement arrangement = Arrangements.of(reel);
        boolean only = arrangement.has(SteeringOptions.ONLY_PAUSED)
                && reel.choices().get(SteeringOptions.ONLY_PAUSED)
                && arrangement.movesByItself(reel);
        return only ? reel.withChoices(without(reel.choices())) : reel;
    }

    private static Choices without(Choices choices) {
        Choices left = choices;
        for (Option<Boolean> option : ALL) {
            left = left.with(option, null, false);
            for (SetUp setUp : SetUp.values()) {
                left = left.with(option, setUp, null);
            }
        }
        return left;
    }
}
