package com.keenreel.publish;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.time.Motion;
import java.util.Map;

/** What is printed of a band alone: its copies, and its logos without their margins, whose sizes are plain numbers. */
final class BandRules {
    private BandRules() {}

    /**
     * Adds where the copies stand of a band in that range, and what of each logo is shown.
     *
     * @param copies how many there are
     * @param lap from one to the next
     */
    static void of(Range range, Motion.ByTime band, int copies, Length lap, Map<String, String> rules) {
        for (int copy = 0; copy < copies; copy++) {
            int place = band.onward() ? copy : copy - 1;
            String from = band.upright() ? "top:" : "left:";
            rules.put("copy-" + place, from + lap.times(place).css(Base.CQI));
        }
        range.frame()
                .all()
                .filter(placed -> placed.part().what() == Part.What.SLIDE)
                .forEach(slide -> slide.inside()
                        .forEach(picture -> rules.merge(picture.part().css(), cut(slide, picture), String::concat)));
    }

    /** What of a logo's file stands outside its place is cut off. */
    private static String cut(Placed slide, Placed picture) {
        Box own = picture.box();
        double left = -own.left().at(0) / own.width().at(0);
        double top = -own.top().at(0) / own.height().at(0);
        double right = 1 - left - slide.box().width().at(0) / own.width().at(0);
        double bottom = 1 - top - slide.box().height().at(0) / own.height().at(0);
        if (Math.max(Math.max(left, right), Math.max(top, bottom)) < 1e-9) {
            return "";
        }
        return ";margin:" + px(own.top()) + " 0 0 " + px(own.left()) + ";clip-path:inset(" + percent(top)
                + percent(right) + percent(bottom) + percent(left) + "round var(--corners))";
    }

    private static String percent(double share) {
        return Numbers.rounded(100 * Math.max(0, share), 3) + "% ";
    }

    private static String px(Length length) {
        return Numbers.plain(length.at(0)) + "px";
    }
}
