package com.keenreel.publish;

import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What everything looks like that visitors steer with. */
final class SteeringRules {
    private SteeringRules() {}

    /** What holds at all widths. */
    static List<String> common(Reel reel, Facts facts, Layout layout, Needs needs) {
        List<String> rules = new ArrayList<>();
        if (needs.later().contains(Needs.Later.SCREEN)) { // words below have a ground that they are read on
            rules.add(":host(:fullscreen){background:"
                    + reel.choices().get(LookOptions.INK).ink() + "!important}");
        }
        if (layout.stands(Part.THUMBS)) {
            rules.addAll(ThumbRules.common(reel, facts));
        }
        return rules;
    }

    /** Adds what holds in a range. */
    static void of(Reel reel, Layout layout, Range range, Map<String, String> rules) {
        if (layout.stands(Part.dot(1)) || layout.stands(Part.COUNT)) {
            MarkRules.of(
                    reel.choices().get(SteeringOptions.MARKS, range.setUp()),
                    range.stops().size(),
                    rules);
        }
        if (layout.stands(Part.NEXT)) {
            ArrowRules.of(reel, range.setUp(), rules);
        }
        ThumbRules.of(reel, range, rules);
        rules.put("measured>.frame", colours(reel.choices(), range.setUp()));
    }

    /** The colours of controls; what stands on the page itself has them without what is seen through. */
    private static String colours(Choices choices, SetUp setUp) {
        return switch (choices.get(LookOptions.CONTROLS)) {
            case WHITE_ON_DARK -> colours(Colour.WHITE, Colour.DARK, Colour.DARK, 0.72);
            case DARK_ON_WHITE -> colours(Colour.DARK, Colour.WHITE, Colour.DARK, 0.86);
            case OWN -> {
                Colour ground = choices.get(LookOptions.CONTROLS_GROUND, setUp);
                double density = choices.get(LookOptions.CONTROLS_DENSE, setUp) / 100;
                yield colours(choices.get(LookOptions.CONTROLS_INK, setUp), ground, ground, density);
            }
        };
    }

    private static String colours(Colour ink, Colour ground, Colour onPage, double density) {
        return "--control:" + ink + ";--on-control:" + ground + ";--control-solid:" + onPage + ";--control-ground:"
                + ground.dense(density);
    }
}
