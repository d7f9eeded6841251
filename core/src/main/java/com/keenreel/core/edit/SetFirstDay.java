package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Says the first day on which visitors meet a slide.
 *
 * @param day in the time zone of whoever publishes; null for no first day
 */
public record SetFirstDay(SlideId slide, @Nullable LocalDate day) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withShowing(former.showing().withFrom(day));
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetFirstDay(slide, former.showing().from());
    }

    @Override
    public Set<String> touches() {
        return Set.of("first day of " + slide);
    }

    @Override
    public String say(Reel reel) {
        return SlideAt.say(reel, slide) + " shows "
                + applyTo(SlideAt.find(reel, slide)).showing().days();
    }
}
