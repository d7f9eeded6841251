package com.keenreel.core.space;

import com.keenreel.core.option.Choices;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import java.util.ArrayList;
import java.util.List;

/** What stands inside one cell, whatever the arrangement: the picture or pair, and the words. */
public final class SlideBoxes {
    private final Facts facts;
    private final SetUp setUp;
    private final Choices choices;
    private final WordsArea words;

    /** The cells of a reel in which titles do not grow. */
    public SlideBoxes(Reel reel, Facts facts, SetUp setUp) {
        this(reel, facts, setUp, WordsArea.TITLE);
    }

    /**
     * The cells of a reel.
     *
     * @param titles the greatest size of a title on a picture, px
     */
    public SlideBoxes(Reel reel, Facts facts, SetUp setUp, double titles) {
        this.facts = facts;
        this.setUp = setUp;
        this.choices = reel.choices();
        this.words = new WordsArea(reel, facts, setUp, titles);
    }

    /** The height kept below every picture, px. */
    public double reserved() {
        return words.reserved();
    }

    /**
     * The parts of slide {@code n}.
     *
     * @param width of the picture area
     * @param height of the picture area
     * @param besideArrows whether words must stay clear of arrows at the sides
     * @param foot what words must keep clear at the foot of the area
     */
    public List<Placed> in(int n, Slide slide, Length width, Length height, boolean besideArrows, Length foot) {
        List<Placed> parts = new ArrayList<>();
        parts.add(Placed.clipping(Part.crop(n), Box.all(width, height), carried(n, slide, width, height, foot)));
        WordsPlace place = words.place(slide);
        if (place == WordsPlace.BELOW && words.reserved() > 0) {
            parts.add(Placed.of(Part.words(n), words.below(width, height)).set(words.settingBelow(width)));
        } else if (place.over() && facts.said(slide).shows()) {
            Box area = words.over(width, height, besideArrows, foot);
            parts.add(Placed.of(Part.words(n), area).set(words.settingOver(place, area.width())));
        }
        return parts;
    }

    private List<Placed> carried(int n, Slide slide, Length width, Length height, Length foot) {
        FitKind fit = slide.chosen(Options.FIT, setUp, choices);
        if (slide.carries() instanceof Carries.Picture picture) {
            PictureId own = slide.insteadOn(setUp);
            PictureId shown = own == null ? picture.picture() : own;
            Part part = own == null ? Part.picture(n) : Part.instead(n, setUp);
            Box drawn = Fit.of(fit, facts.of(shown), width, height, facts.focal(slide, setUp));
            return List.of(Placed.of(part, drawn));
        }
        if (slide.carries() instanceof Carries.Pair pair) {
            return PairBoxes.in(n, pair, facts, fit, facts.focal(slide, setUp), width, height, foot);
        }
        return List.of();
    }
}
