package com.keenreel.core.edit;

import com.keenreel.core.option.Numbers;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Says how long a slide stands.
 *
 * @param hold ms, 500 to 120 000; null for as long as the reel's slides do
 */
public record SetHold(SlideId slide, @Nullable Long hold) implements SlideEdit {
    @Override
    public Slide applyTo(Slide former) {
        return former.withHold(hold);
    }

    @Override
    public SlideEdit inverseOn(Slide former) {
        return new SetHold(slide, former.hold());
    }

    @Override
    public Set<String> touches() {
        return Set.of("hold of " + slide);
    }

    @Override
    public String say(Reel reel) {
        long former = reel.hold(SlideAt.find(reel, slide));
        return SlideAt.say(reel, slide) + " stands " + (hold == null ? "as the reel" : seconds(hold)) + " instead of "
                + seconds(former);
    }

    private static String seconds(long ms) {
        return Numbers.rounded(ms / 1000.0, 1) + " s";
    }
}
