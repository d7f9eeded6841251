package com.keenreel.publish;

import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Target;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What arrows look like, and when they are seen. */
final class ArrowRules {
    /** The side of what is drawn on an arrow of the usual size, px. */
    private static final double DRAWN = 20;

    private static final String ARROW = "arrow";

    /** The frame of a reel that nobody points at, and that nobody comes to by keyboard. */
    static final String AWAY = "frame:not(:hover,:has(:focus-visible))";

    private ArrowRules() {}

    /** Every form that arrows have on some screen. */
    static Set<ArrowForm> forms(Reel reel) {
        return Arrays.stream(SetUp.values())
                .map(setUp -> reel.choices().get(SteeringOptions.ARROWS_FORM, setUp))
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(ArrowForm.class)));
    }

    /** The class of what is drawn in that form. */
    static String word(ArrowForm form) {
        return form.name().toLowerCase(Locale.ROOT);
    }

    /** Adds what holds in that set-up. */
    static void of(Reel reel, SetUp setUp, Map<String, String> rules) {
        Set<ArrowForm> others = forms(reel);
        others.remove(reel.choices().get(SteeringOptions.ARROWS_FORM, setUp));
        others.forEach(form -> rules.put(ARROW + " ." + word(form), "display:none"));
        double size = reel.choices().get(SteeringOptions.ARROWS_SIZE, setUp);
        if (size != Target.HIT) {
            rules.put(
                    ARROW + " svg",
                    "width:" + px(DRAWN * size / Target.HIT) + ";height:" + px(DRAWN * size / Target.HIT));
        }
        if (size < Target.HIT) {
            rules.put(ARROW, "padding:" + px((Target.HIT - size) / 2) + ";background-clip:content-box");
        }
        switch (reel.choices().get(SteeringOptions.ARROWS_SHOWN, setUp)) {
            case ALWAYS -> {}
            case POINTED -> rules.put(AWAY + " .arrow", "opacity:var(--unpointed)");
            case TOUCHED -> rules.put(AWAY + " .arrow", "opacity:0;pointer-events:none"); // the first touch shows them
        }
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
