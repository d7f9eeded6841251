package com.keenreel.publish;

import com.keenreel.core.option.MarkKind;
import com.keenreel.core.space.Part;
import java.util.Map;

/** What marks of stops look like that are no dots. */
final class MarkRules {
    private static final String MARK = "dot::before";
    private static final String CURRENT = "dot.now::before";

    private MarkRules() {}

    /**
     * Adds what that kind needs.
     *
     * @param stops how many there are
     */
    static void of(MarkKind kind, int stops, Map<String, String> rules) {
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
            case COUNT -> {
                rules.merge("frame", ";counter-reset:mark", String::concat);
                rules.put("dot", "visibility:hidden;counter-increment:mark"); // they are counted, and not pressed
                rules.put("dot.now ~ .dot", "counter-increment:none");
                for (int n = 1; n <= stops; n++) {
                    rules.put(Part.dot(n).css(), "display:block");
                }
                rules.put(Part.COUNT.css() + "::before", "content:counter(mark) \" / " + stops + "\"");
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
