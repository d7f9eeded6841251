package com.keenreel.publish;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.HandleForm;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.PairOptions;
import java.util.ArrayList;
import java.util.List;

/** What the divider of comparisons looks like, and the names of their sides. */
final class PairRules {
    /** How wide a grip is that is 1 high. */
    private static final double GRIP = 0.65;

    private PairRules() {}

    /** What differs from how they usually are. */
    static List<String> of(Choices choices) {
        List<String> rules = new ArrayList<>();
        Colour colour = choices.get(PairOptions.HANDLE_COLOUR);
        double size = choices.get(PairOptions.HANDLE_SIZE);
        HandleForm form = choices.get(PairOptions.HANDLE);
        if (!colour.equals(PairOptions.HANDLE_COLOUR.usual())) {
            rules.add(".divider,.handle::before{background:" + colour + "}");
            rules.add(".handle svg{color:" + colour.ink() + "}");
        }
        double wide = form == HandleForm.GRIP ? GRIP * size : size;
        if (form != HandleForm.GRIP || size != PairOptions.HANDLE_SIZE.usual()) {
            rules.add(".handle::before{inset:calc(50% - " + px(size / 2) + ") calc(50% - " + px(wide / 2) + ")}");
            rules.add(".handle svg{width:" + px(size / 2) + ";height:" + px(size / 2) + "}");
        }
        switch (form) {
            case GRIP -> {}
            case RING ->
                rules.add(".handle::before{border:" + px(Math.max(3, size / 10)) + " solid " + colour
                        + ";border-radius:50%;background:none}");
            case ARROWS -> rules.add(".handle::before{border-radius:50%}");
            case LINE -> rules.add(".handle::before{display:none}");
            case NONE -> {
                rules.add(".handle::before{display:none}");
                rules.add(".divider{background:none;outline:0}");
            }
        }
        names(choices, rules);
        return rules;
    }

    private static void names(Choices choices, List<String> rules) {
        Colour ink = choices.get(PairOptions.NAMES_INK);
        Colour ground = choices.get(PairOptions.NAMES_GROUND);
        double dense = choices.get(PairOptions.NAMES_DENSE);
        boolean usual = ink.equals(PairOptions.NAMES_INK.usual())
                && ground.equals(PairOptions.NAMES_GROUND.usual())
                && dense == PairOptions.NAMES_DENSE.usual();
        if (!usual) {
            rules.add(".label-before,.label-after{color:" + ink + ";background:" + ground.dense(dense / 100) + "}");
        }
        if (choices.get(PairOptions.NAMES_POINTED)) {
            rules.add(
                    "@media (hover:hover){.pair:not(:hover,:has(:focus-visible)) :is(.label-before,.label-after){opacity:0}}");
        }
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
