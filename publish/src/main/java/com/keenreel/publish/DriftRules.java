package com.keenreel.publish;

import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.option.DriftKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Numbers;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import com.keenreel.core.time.Drift;
import com.keenreel.core.time.Shift;
import java.util.Map;
import tools.jackson.databind.node.ObjectNode;

/** What is printed of pictures that move while their slide stands: about which point, and from where. */
final class DriftRules {
    private DriftRules() {}

    /** What a slide's picture does; those of a comparison stand, and so does one that stands for a video. */
    static Drift of(Reel reel, Slide slide, Facts facts) {
        boolean may = slide.carries() instanceof Carries.Picture && !Playing.plays(reel, slide, facts);
        return Drift.of(may ? slide.chosen(MotionOptions.DRIFT, reel.choices()) : DriftKind.STANDS);
    }

    /** Whether any does. */
    static boolean any(Reel reel, Facts facts, boolean movesByItself) {
        return movesByItself
                && reel.slides().stream()
                        .anyMatch(slide -> of(reel, slide, facts).moves());
    }

    static void in(Range range, Reel reel, Facts facts, Map<String, String> rules) {
        SetUp setUp = range.setUp();
        for (int i = 0; i < reel.slides().size(); i++) {
            Slide slide = reel.slides().get(i);
            Drift drift = of(reel, slide, facts);
            if (drift.moves()) {
                Part part = slide.insteadOn(setUp) == null ? Part.picture(i + 1) : Part.instead(i + 1, setUp);
                rules.merge(part.css(), about(drift, facts.focal(slide, setUp)), String::concat);
            }
        }
    }

    private static String about(Drift drift, FocalPoint focal) {
        Shift pan = drift.pan(focal);
        return ";transform-origin:" + percent(focal.x()) + " " + percent(focal.y())
                + (drift.pans() ? ";--pan:" + percent(pan.x()) + "," + percent(pan.y()) : "");
    }

    private static String percent(double share) {
        return Numbers.plain(share * 100) + "%";
    }

    /** The keyframes of a picture that drifts. */
    static void write(Drift drift, ObjectNode node) {
        String pan = drift.pans() ? "translate(var(--pan)) " : "";
        String there = drift.pans() ? "translate(0%,0%) " : "";
        node.putObject("from").put("transform", pan + "scale(" + Numbers.plain(drift.from()) + ")");
        node.putObject("to").put("transform", there + "scale(" + Numbers.plain(drift.to()) + ")");
    }
}
