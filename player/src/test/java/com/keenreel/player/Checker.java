package com.keenreel.player;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;

/** The accessibility checker. */
public final class Checker {
    private Checker() {}

    /**
     * What it finds serious or critical in a page, a line each.
     *
     * @param where the page, in words
     */
    public static List<String> serious(Page page, String where) {
        List<String> found = new ArrayList<>();
        new AxeBuilder(page)
                        .exclude(".screen iframe") // what a wall shows is looked at by itself
                        .analyze()
                        .getViolations()
                        .stream()
                        .filter(violation -> List.of("serious", "critical").contains(violation.getImpact()))
                        .forEach(violation -> violation
                                .getNodes()
                                .forEach(node -> found.add(where + ": " + violation.getId() + ": " + node.getHtml()
                                        + " " + node.getFailureSummary())));
        return found;
    }
}
