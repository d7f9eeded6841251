package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.List;
import java.util.Set;

/**
 * Says where a divider of a comparison stands at first.
 *
 * @param divider which, from 0: there are more than one where there are states between before and after
 * @param startsAt as a fraction 0 to 1 of the side along which it moves; kept between its neighbours
 */
public record SetDividerStart(SlideId slide, int divider, double startsAt) implements SlideEdit {
    /** The first divider. */
    public SetDividerStart(SlideId slide, double startsAt) {
        this(slide, 0, startsAt);
    }

    @Override
    public Slide applyTo(Slide former) {
        return former.withCarries(SlideAt.pair(former).withStart(divider, startsAt));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        List<Double> starts = SlideAt.pair(former).starts();
        if (divider < 0 || divider >= starts.size()) {
            throw new Refusal("There is no such divider any more.");
        }
        return new SetDividerStart(slide, divider, starts.get(divider));
    }

    @Override
    public Set<String> touches() {
        return Set.of(SlideAt.dividerStart(slide));
    }

    @Override
    public String say(Reel reel) {
        return "divider of " + SlideAt.say(reel, slide) + " starts at " + Math.round(100 * startsAt) + " %";
    }
}
