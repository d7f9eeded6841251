package com.keenreel.publish;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Stance;
import com.keenreel.core.time.Motion;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What is printed of slides that do not lie flat, or stand back beside the one in the middle. */
final class DepthRules {
    private DepthRules() {}

    /** Without scripts a row whose current slide stands in the middle is scrolled, from its first slide on. */
    static List<String> withoutScripts(Motion.ByPosition row) {
        boolean middle = row.seams().values().stream().anyMatch(Motion.ByPosition.Seam::middle);
        String way = row.upright() ? "flex-direction:column;top" : "left";
        return middle
                ? List.of(
                        "@media (scripting:none){.strip{display:flex;" + way + ":0!important;gap:var(--gap)}"
                                + ".slide{position:relative;left:auto!important;top:auto!important;flex:none;transform:none!important;opacity:1!important}}")
                : List.of();
    }

    /** How neighbours of the slide in the middle look until the player turns the row. */
    static void smaller(Range range, Map<String, String> rules) {
        range.frame().all().filter(placed -> !placed.isFlat()).forEach(placed -> {
            Stance stance = Objects.requireNonNull(placed.depth()).stance();
            rules.merge(
                    placed.part().css(),
                    ";transform:scale(" + Numbers.plain(stance.scale()) + ");opacity:"
                            + Numbers.plain(stance.opacity()),
                    String::concat);
        });
    }

    /** From where slides are seen that stand in depth. */
    static void inDepth(Range range, Map<String, String> rules) {
        range.frame()
                .all()
                .map(Placed::depth)
                .filter(Objects::nonNull)
                .findFirst()
                .ifPresent(depth -> {
                    String axis = "-origin:50% " + depth.axis().css(Base.CQI);
                    String eye = depth.unit().times(Stance.EYE).css(Base.CQI);
                    rules.merge("view", ";perspective:" + eye + ";perspective" + axis, String::concat);
                    rules.put("slide", "transform" + axis);
                });
    }
}
