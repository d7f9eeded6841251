package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** Finding a slide by id, and changing just that one. */
final class SlideAt {
    private SlideAt() {}

    static Slide find(Reel reel, SlideId id) {
        return reel.slide(id).orElseThrow(() -> gone());
    }

    static Refusal gone() {
        return new Refusal("That slide is no longer in the reel.");
    }

    static int position(Reel reel, SlideId id) {
        int position = reel.slides().indexOf(find(reel, id));
        return position;
    }

    /** The slide after that one; null at the end. */
    static @Nullable SlideId after(Reel reel, SlideId id) {
        int next = position(reel, id) + 1;
        return next < reel.slides().size() ? reel.slides().get(next).id() : null;
    }

    /** Where an insertion before that slide goes; the end when it is null or has meanwhile been removed. */
    static int insertion(List<Slide> slides, @Nullable SlideId before) {
        for (int i = 0; i < slides.size(); i++) {
            if (slides.get(i).id().equals(before)) {
                return i;
            }
        }
        return slides.size();
    }

    static Reel change(Reel reel, SlideId id, UnaryOperator<Slide> how) {
        List<Slide> slides = new ArrayList<>(reel.slides());
        int position = position(reel, id);
        try {
            slides.set(position, how.apply(slides.get(position)));
        } catch (IllegalArgumentException notAllowed) {
            throw Refusal.because(notAllowed);
        }
        return reel.withSlides(slides);
    }

    /** The comparison that a slide carries. */
    static Carries.Pair pair(Slide slide) {
        if (slide.carries() instanceof Carries.Pair pair) {
            return pair;
        }
        throw new Refusal("That slide does not compare two pictures.");
    }

    static String sidePicture(SlideId slide, Carries.Side side) {
        return side.word() + " picture of " + slide;
    }

    static String sideName(SlideId slide, Carries.Side side) {
        return side.word() + " name of " + slide;
    }

    static String sideEffect(SlideId slide, Carries.Side side) {
        return side.word() + " effect of " + slide;
    }

    static String dividerStart(SlideId slide) {
        return "divider of " + slide;
    }

    /** Everything that a comparison has, as edits touch it. */
    static Set<String> everySide(SlideId slide) {
        Set<String> all = new HashSet<>(Set.of(dividerStart(slide)));
        for (Carries.Side side : Carries.Side.values()) {
            all.add(sidePicture(slide, side));
            all.add(sideName(slide, side));
            all.add(sideEffect(slide, side));
        }
        return all;
    }

    /** "slide 3". */
    static String say(Reel reel, SlideId id) {
        return "slide " + (position(reel, id) + 1);
    }
}
