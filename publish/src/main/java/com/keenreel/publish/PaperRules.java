package com.keenreel.publish;

import com.keenreel.core.space.Box;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Length.Base;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import java.util.Comparator;

/** How slides stand on paper. */
final class PaperRules {
    private PaperRules() {}

    /**
     * On paper as many slides stand in a row as on the screen, if all were as wide as the widest. One that has all the width
     * that slides have gets half of the paper, and is laid out as in a reel of that width.
     */
    static String of(Range range) {
        double any = range.span().narrowest();
        Length slide = range.frame()
                .all()
                .filter(placed -> placed.part().what() == Part.What.SLIDE)
                .map(placed -> placed.box().width())
                .max(Comparator.comparingDouble(width -> width.at(any)))
                .orElse(Length.WIDTH); // where it is hidden
        Length all = range.frame().boxOf(Part.VIEW).map(Box::width).orElse(Length.WIDTH);
        return slide.equals(all) || slide.equals(Length.WIDTH)
                ? ";--paper:calc(50% - 8px);--alone:inline-size;--gap:16px"
                : ";--paper:" + slide.css(Base.CQI) + ";--alone:normal;--gap:"
                        + range.gap().css(Base.CQI);
    }
}
