package com.keenreel.publish;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Scrolled.Shifts;
import com.keenreel.core.space.Scrolled.Stays;
import java.util.Map;

/** What is printed of parts that go with the page's scrolling. */
final class ScrollRules {
    /** Where nothing can stay, the player gives the reel this class. */
    private static final String LAID = "laid .";

    private ScrollRules() {}

    static void of(Range range, Map<String, String> rules) {
        range.frame()
                .all()
                .forEach(around -> around.inside().forEach(placed -> {
                    if (placed.scrolled() instanceof Stays stays) {
                        stays(around, placed, stays, rules);
                    } else if (placed.scrolled() instanceof Shifts shifts) {
                        rules.merge(
                                placed.part().css(),
                                ";--from:" + shifts.from().css(Base.CQI) + ";--to:"
                                        + shifts.to().css(Base.CQI),
                                String::concat);
                    }
                }));
    }

    /**
     * What stays in the window is in the flow, and its margins keep it within its stretch. Where it cannot stay, the words that
     * would pass over it stand below it, in the same height.
     */
    private static void stays(Placed around, Placed placed, Stays stays, Map<String, String> rules) {
        Box box = placed.box();
        Length foot = box.top().plus(box.height());
        Length rest = around.box().height().minus(foot).minus(stays.far());
        String part = placed.part().css();
        rules.merge(
                part,
                ";position:sticky;left:auto;top:" + Numbers.plain(stays.edge()) + "px;margin:"
                        + box.top().css(Base.CQI) + " 0 " + rest.css(Base.CQI),
                String::concat);
        rules.put(LAID + part, "position:absolute;top:" + box.top().css(Base.CQI) + ";margin:0");
        around.inside().stream()
                .filter(words -> words.part().what() == Part.What.WORDS)
                .forEach(words -> rules.put(
                        LAID + words.part().css(),
                        "left:0;width:100%;top:" + foot.css(Base.CQI) + ";height:"
                                + stays.far().css(Base.CQI)));
    }
}
