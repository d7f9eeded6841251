package com.keenreel.publish;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import com.keenreel.core.steering.Thumbs;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** What thumbnails look like; where each of them stands follows from their size. */
final class ThumbRules {
    private ThumbRules() {}

    /** Those that hold everywhere: what is cut off keeps the focal point of its slide, and plain slides their colour. */
    static List<String> common(Reel reel, Facts facts) {
        List<String> rules = new ArrayList<>();
        int n = 0;
        for (Slide slide : reel.slides()) {
            String thumb = "." + Part.thumb(++n).css();
            FocalPoint focal = facts.focal(slide, SetUp.DESK);
            if (slide.carries() instanceof Carries.Plain plain) {
                rules.add(thumb + "{background:" + plain.colour() + "}");
            } else if (!focal.equals(FocalPoint.CENTRE)) {
                rules.add(thumb + " img{object-position:" + percent(focal.x()) + " " + percent(focal.y()) + "}");
            }
        }
        return rules;
    }

    private static String percent(double share) {
        return Numbers.plain(100 * share) + "%";
    }

    /** Adds those of a range. */
    static void of(Reel reel, Range range, Map<String, String> rules) {
        SetUp setUp = range.setUp();
        if (range.frame().boxOf(Part.THUMBS).isEmpty()) {
            return;
        }
        Choices choices = reel.choices();
        Thumbs thumbs = Thumbs.of(reel, range.span());
        boolean upright = thumbs.edge().upright();
        rules.merge(
                "thumbs",
                ";gap:" + px(thumbs.gap()) + (upright ? ";flex-direction:column;touch-action:pan-y" : ""),
                String::concat);
        String auto = upright ? "margin-block-" : "margin-inline-"; // few stand in the middle
        rules.put("thumb:first-child", auto + "start:auto");
        rules.put("thumb:last-child", auto + "end:auto");
        rules.put("thumb", "width:" + px(thumbs.width()) + ";height:" + px(thumbs.height()));
        rules.put("thumb:not(.now)", "opacity:" + Numbers.plain(1 - choices.get(ThumbOptions.PALER, setUp) / 100));
        rules.put("thumb.now::after", "border-width:" + px(choices.get(ThumbOptions.BORDER, setUp)));
        if (choices.get(ThumbOptions.POINTED, setUp)) {
            rules.put(ArrowRules.AWAY + " .thumbs", "opacity:var(--unpointed)");
        }
    }

    private static String px(double value) {
        return Numbers.plain(value) + "px";
    }
}
