package com.keenreel.core.arrangement;

import com.keenreel.core.option.Choices;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/**
 * A ready set-up by purpose. Everything in it can be changed later.
 *
 * @param place where it stands among the others, from 1
 * @param key its name in addresses
 * @param title what it is called
 * @param says what it is, in a few words
 * @param purpose what it is for
 * @param sits where it sits in most cases
 * @param picturesPerSlide how many pictures one slide takes, 1 or 2
 */
public record Starter(
        int place,
        String key,
        String title,
        String says,
        String purpose,
        Slot sits,
        int picturesPerSlide,
        Choices choices) {
    /**
     * A reel of those pictures, in their order; where two go together each is paired with the next, and a last one without
     * partner is left out.
     *
     * @param ids makes the slides' ids
     */
    public Reel make(String name, Slot slot, List<PictureId> pictures, Supplier<SlideId> ids) {
        List<Slide> slides = new ArrayList<>();
        for (int i = 0; i + picturesPerSlide <= pictures.size(); i += picturesPerSlide) {
            Carries carries = picturesPerSlide == 2
                    ? Carries.Pair.of(pictures.get(i), pictures.get(i + 1))
                    : new Carries.Picture(pictures.get(i));
            slides.add(Slide.of(ids.get(), carries));
        }
        return Reel.named(name.strip()).withSlot(slot).withSlides(slides).withChoices(choices);
    }
}
