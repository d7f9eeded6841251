package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Moves a slide in the running order.
 *
 * @param before the slide that it comes before; null, or one that is gone, means the end
 */
public record MoveSlide(SlideId slide, @Nullable SlideId before) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        FollowSet.refuse(reel);
        if (slide.equals(before)) {
            return reel;
        }
        List<Slide> slides = new ArrayList<>(reel.slides());
        Slide moved = slides.remove(SlideAt.position(reel, slide));
        slides.add(SlideAt.insertion(slides, before), moved);
        return reel.withSlides(slides);
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new MoveSlide(slide, SlideAt.after(reel, slide));
    }

    @Override
    public Set<String> touches() {
        return Set.of("place of " + slide);
    }

    @Override
    public String say(Reel reel) {
        return SlideAt.say(reel, slide)
                + (before != null && reel.slide(before).isPresent()
                        ? " before " + SlideAt.say(reel, before)
                        : " to the end");
    }
}
