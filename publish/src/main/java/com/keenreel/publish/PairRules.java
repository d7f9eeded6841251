package com.keenreel.publish;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.HandleForm;
import com.keenreel.core.option.MovedBy;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.PairOptions;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.space.PairBoxes;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What the divider of comparisons looks like, and the names of their sides. */
final class PairRules {
    /** How wide a grip is that is 1 high. */
    private static final double GRIP = 0.65;

    /** Pairs of two states: those of more have dividers, whatever is chosen. */
    private static final String ALONE = ".pair:not(.states) ";

    private PairRules() {}

    /** What differs from how they usually are. */
    static List<String> of(Choices choices) {
        List<String> rules = new ArrayList<>();
        Colour colour = choices.get(PairOptions.HANDLE_COLOUR);
        double size = choices.get(PairOptions.HANDLE_SIZE);
        HandleForm form = PairOptions.handle(choices);
        if (!colour.equals(PairOptions.HANDLE_COLOUR.usual())) {
            rules.add(".divider,.handle::before{background:" + colour + "}");
            rules.add(".handle svg{color:" + colour.ink() + "}");
        }
        if (form != HandleForm.GRIP || size != PairOptions.HANDLE_SIZE.usual()) {
            rules.add(".handle::before{" + drawn(size, wide(form, size)) + "}");
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
        view(choices.get(PairOptions.VIEW), rules);
        return rules;
    }

    /** Where there is no divider, as much of the before side is seen through as the control says. */
    private static void view(PairView view, List<String> rules) {
        if (view == PairView.DIVIDER) {
            return;
        }
        String seen = view == PairView.FADE ? "calc(1 - var(--at))" : "var(--at)";
        rules.add(ALONE + ".side{clip-path:none;opacity:" + seen + "}");
        rules.add("@media print{" + ALONE + ".side{clip-path:inset(0 50% 0 0);opacity:1}}"); // there each has a half
        if (view.switches()) {
            rules.add(ALONE + ".moved .handle{transform:none}");
            rules.add(ALONE + ".label-before{--crossed:calc((var(--at) - 1)*9999px)}");
            rules.add(ALONE + ".label-after{--crossed:calc(var(--at)*9999px)}");
            if (view == PairView.SWITCH) {
                rules.add("@media (prefers-reduced-motion:no-preference){" + ALONE
                        + ".moved .side{transition:opacity .25s}}");
            }
        } else {
            rules.add(ALONE + ".moved .divider{transform:none}");
            rules.add(ALONE + ".name{translate:none}");
        }
    }

    /** What differs where the sides lie one above the other, and where pictures are not dragged. */
    static void in(SetUp setUp, Choices choices, Map<String, String> rules) {
        boolean down = PairBoxes.isDown(choices, setUp);
        MovedBy by = choices.get(PairOptions.MOVED_BY);
        String along = down ? "ns-resize" : "ew-resize";
        if (choices.get(PairOptions.VIEW).switches()) {
            rules.put("pair .crop", "touch-action:auto;cursor:pointer");
        } else if (by == MovedBy.HANDLE || by == MovedBy.PRESSING) {
            rules.put("pair .crop", "touch-action:auto;cursor:" + (by == MovedBy.HANDLE ? "auto" : "pointer"));
            rules.put("handle", "cursor:" + along);
        } else if (down) {
            rules.put("pair .crop", "cursor:" + along);
        }
        if (down) {
            HandleForm form = PairOptions.handle(choices);
            double size = choices.get(PairOptions.HANDLE_SIZE);
            rules.put("pair", "--x:0;--y:1");
            rules.put("handle svg", "rotate:90deg");
            rules.put("handle::before", drawn(wide(form, size), size));
        }
    }

    private static double wide(HandleForm form, double size) {
        return form == HandleForm.GRIP ? GRIP * size : size;
    }

    private static String drawn(double high, double wide) {
        return "inset:calc(50% - " + px(high / 2) + ") calc(50% - " + px(wide / 2) + ")";
    }

    private static void names(Choices choices, List<String> rules) {
        Colour ink = choices.get(PairOptions.NAMES_INK);
        Colour ground = choices.get(PairOptions.NAMES_GROUND);
        double dense = choices.get(PairOptions.NAMES_DENSE);
        boolean usual = ink.equals(PairOptions.NAMES_INK.usual())
                && ground.equals(PairOptions.NAMES_GROUND.usual())
                && dense == PairOptions.NAMES_DENSE.usual();
        if (!usual) {
            rules.add(".name{color:" + ink + ";background:" + ground.dense(dense / 100) + "}");
        }
        if (choices.get(PairOptions.NAMES_POINTED)) {
            rules.add("@media (hover:hover){.pair:not(:hover,:has(:focus-visible)) .name{opacity:0}}");
        }
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
