package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Puts a slide into the running order.
 *
 * @param slide a slide whose id is not there yet
 * @param before the slide that it comes before; null, or one that is gone, means the end
 */
public record AddSlide(Slide slide, @Nullable SlideId before) implements Edit {
    @Override
    public Reel applyTo(Reel reel) {
        FollowSet.refuse(reel);
        List<Slide> slides = new ArrayList<>(reel.slides());
        slides.add(SlideAt.insertion(slides, before), slide);
        try {
            return reel.withSlides(slides);
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
    }

    @Override
    public Edit inverseOn(Reel reel) {
        return new RemoveSlide(slide.id());
    }

    @Override
    public Set<String> touches() {
        return Set.of("slide " + slide.id());
    }

    @Override
    public String say(Reel reel) {
        return "slide " + (SlideAt.insertion(reel.slides(), before) + 1) + " added";
    }
}
