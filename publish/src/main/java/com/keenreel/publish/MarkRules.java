package com.keenreel.publish;

import com.keenreel.core.option.MarkKind;
import java.util.Map;

/** What marks of stops look like that are no dots. */
final class MarkRules {
    private static final String MARK = "dot::before";
    private static final String CURRENT = "dot.now::before";

    private MarkRules() {}

    static void of(MarkKind kind, Map<String, String> rules) {
        switch (kind) {
            case DOTS -> {}
            case NUMBERS -> {
                rules.merge("frame", ";counter-reset:mark", String::concat);
                rules.put("dot", "counter-increment:mark");
                rules.put(
                        MARK,
                        "content:counter(mark);display:grid;place-items:center;width:22px;height:22px;border-width:1px;"
                                + "border-radius:2px;color:var(--control);font:700 12px/1 var(--type)");
                rules.put(CURRENT, "transform:none;color:var(--on-control)");
            }
            case LINE -> {
                rules.put(
                        MARK,
                        "justify-self:stretch;width:auto;height:6px;margin:0 3px;border-width:1px;border-radius:3px");
                rules.put(CURRENT, "transform:scaleY(1.5)");
            }
        }
    }
}
