package com.keenreel.publish;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Target;
import java.util.Map;

/** What arrows look like, and when they are seen. */
final class ArrowRules {
    /** The side of what is drawn on an arrow of the usual size, px. */
    private static final double DRAWN = 20;

    /** The side of a picture on an arrow of the usual size, px. */
    static final double OWN = 32;

    private static final String ARROW = "arrow";

    /** The frame of a reel that nobody points at, and that nobody comes to by keyboard. */
    static final String AWAY = "frame:not(:hover,:has(:focus-visible))";

    private ArrowRules() {}

    /** Adds what holds in that set-up. */
    static void of(Reel reel, SetUp setUp, Map<String, String> rules) {
        double size = reel.choices().get(SteeringOptions.ARROWS_SIZE, setUp);
        of(reel, setUp, Part.NEXT, size, rules);
        of(reel, setUp, Part.PREVIOUS, size, rules);
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

    private static void of(Reel reel, SetUp setUp, Part arrow, double size, Map<String, String> rules) {
        boolean onward = arrow.equals(Part.NEXT);
        ArrowLook look = ArrowLook.of(reel, setUp, onward);
        ArrowLook.all(reel, onward).stream()
                .filter(other -> !other.equals(look))
                .forEach(other -> rules.put(arrow.css() + " ." + other.css(), "display:none"));
        if (look.own() != null) {
            String side = px(OWN * size / Target.HIT);
            rules.put(
                    arrow.css() + " ." + look.css(),
                    "width:" + side + ";height:" + side + ";object-fit:contain"
                            + (look.own().turned() ? ";transform:scaleX(-1)" : ""));
        }
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
