package com.keenreel.core.reel;

import com.keenreel.core.option.Arrangement;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.option.WordsPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** A ready set-up by purpose. Everything in it can be changed later. */
public enum Starter {
    BANNER("Banner", "one message at a time", "front-page banner"),
    ROW("Row", "several side by side", "product row"),
    COMPARISON("Comparison", "two pictures of one thing", "before-after"),
    MARQUEE("Marquee", "logos on an endless band", "logo marquee");

    private final String title;
    private final String says;
    private final String purpose;

    Starter(String title, String says, String purpose) {
        this.title = title;
        this.says = says;
        this.purpose = purpose;
    }

    /** Its name. */
    public String title() {
        return title;
    }

    /** What it is, in a few words. */
    public String says() {
        return says;
    }

    /** What it is for. */
    public String purpose() {
        return purpose;
    }

    /** How many pictures one slide takes. */
    public int picturesPerSlide() {
        return this == COMPARISON ? 2 : 1;
    }

    /**
     * A reel of those pictures, in their order; a comparison pairs each with the next and leaves a last one without
     * partner out.
     *
     * @param ids makes the slides' ids
     */
    public Reel make(String name, Slot slot, List<PictureId> pictures, Supplier<SlideId> ids) {
        List<Slide> slides = new ArrayList<>();
        int step = picturesPerSlide();
        for (int i = 0; i + step <= pictures.size(); i += step) {
            Carries carries = step == 2
                    ? Carries.Pair.of(pictures.get(i), pictures.get(i + 1))
                    : new Carries.Picture(pictures.get(i));
            slides.add(Slide.of(ids.get(), carries));
        }
        return Reel.named(name.strip()).withSlot(slot).withSlides(slides).withChoices(choices());
    }

    private Choices choices() {
        return switch (this) {
            case BANNER ->
                Choices.USUAL
                        .with(Options.RATIO, null, new Ratio(12, 5))
                        .with(Options.RATIO, SetUp.TABLET, new Ratio(16, 9))
                        .with(Options.RATIO, SetUp.PHONE, new Ratio(4, 5))
                        .with(Options.AUTOPLAY, null, true)
                        .with(Options.ARROWS, SetUp.PHONE, false);
            case ROW ->
                Choices.USUAL
                        .with(Options.ARRANGEMENT, null, Arrangement.Kind.ROW)
                        .with(Options.WIDTH, null, new ReelWidth(1, 1200))
                        .with(Options.RATIO, null, new Ratio(1, 1))
                        .with(Options.SHOWN, null, 3.0)
                        .with(Options.SHOWN, SetUp.TABLET, 2.0)
                        .with(Options.SHOWN, SetUp.PHONE, 1.0)
                        .with(Options.PART, SetUp.TABLET, 25.0)
                        .with(Options.PART, SetUp.PHONE, 15.0)
                        .with(Options.GAP, SetUp.PHONE, 16.0)
                        .with(Options.ARROWS, SetUp.PHONE, false)
                        .with(Options.WORDS_PLACE, null, WordsPlace.BELOW);
            case COMPARISON ->
                Choices.USUAL
                        .with(Options.WIDTH, null, new ReelWidth(1, 960))
                        .with(Options.RATIO, null, new Ratio(3, 2))
                        .with(Options.RATIO, SetUp.PHONE, new Ratio(4, 5))
                        .with(Options.TRANSITION, null, TransitionKind.ALONG)
                        .with(Options.ARROWS, SetUp.PHONE, false)
                        .with(Options.WORDS_PLACE, null, WordsPlace.BELOW);
            case MARQUEE ->
                Choices.USUAL
                        .with(Options.ARRANGEMENT, null, Arrangement.Kind.MARQUEE)
                        .with(Options.GAP, null, 56.0)
                        .with(Options.BAND, null, 56.0)
                        .with(Options.BAND, SetUp.PHONE, 40.0);
        };
    }
}
