package com.keenreel.core.reel;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A reel's slides come from a set: they change when the set does.
 *
 * @param order in which its pictures come
 * @param most how many at most, 1 to 500
 * @param byItself whether what changes goes live without being published by hand
 */
public record Following(SetId set, SetOrder order, int most, boolean byItself) {
    public Following {
        if (most < 1 || most > 500) {
            throw new IllegalArgumentException("A reel shows 1 to 500 pictures of a set, not " + most + ".");
        }
    }

    /**
     * The slides as the set is now. A picture that had a slide keeps it, with its words, hold and focal point; a new one
     * gets a slide that says what the picture says.
     *
     * @param former the slides as they were
     * @param members as they are laid out
     */
    public List<Slide> slides(List<Slide> former, List<Member> members) {
        Map<PictureId, Slide> known = new HashMap<>();
        for (Slide slide : former) {
            if (slide.carries() instanceof Carries.Picture picture) {
                known.putIfAbsent(picture.picture(), slide);
            }
        }
        List<Slide> slides = new ArrayList<>();
        for (Member member : order.of(members)) {
            if (slides.size() == most) {
                break;
            }
            Slide own = known.get(member.picture());
            slides.add(own != null ? own : fresh(member.picture()));
        }
        return slides;
    }

    /** A picture always gets the same slide, so that two windows that see it first mean the same one. */
    private static Slide fresh(PictureId picture) {
        return Slide.of(new SlideId("of" + picture.value()), new Carries.Picture(picture));
    }
}
