package com.keenreel.core.space;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FitKind;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Options;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.WordsPlace;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What stands inside one cell, whatever the arrangement: the picture or pair, and the words. */
final class SlideBoxes {
    private final Reel reel;
    private final Facts facts;
    private final SetUp setUp;
    private final WordsArea words;

    SlideBoxes(Reel reel, Facts facts, SetUp setUp) {
        this.reel = reel;
        this.facts = facts;
        this.setUp = setUp;
        this.words = new WordsArea(reel, facts, setUp);
    }

    /** The height kept below every picture, px. */
    double reserved() {
        return words.reserved();
    }

    /**
     * The parts of slide {@code n}.
     *
     * @param width of the picture area
     * @param height of the picture area
     * @param besideArrows whether words must stay clear of arrows at the sides
     * @param aboveLine whether words must stay clear of a line of controls at the foot
     */
    List<Placed> in(int n, Slide slide, Length width, Length height, boolean besideArrows, boolean aboveLine) {
        List<Placed> parts = new ArrayList<>();
        parts.add(
                Placed.clipping(Placed.CROP + n, Box.all(width, height), carried(n, slide, width, height, aboveLine)));
        WordsPlace place = words.place();
        if (place == WordsPlace.BELOW && words.reserved() > 0) {
            parts.add(Placed.listed("words-" + n, words.below(width, height)));
        } else if (place.over() && facts.said(slide).shows()) {
            parts.add(Placed.listed("words-" + n, words.over(width, height, besideArrows, aboveLine)));
        }
        return parts;
    }

    private List<Placed> carried(int n, Slide slide, Length width, Length height, boolean aboveLine) {
        FitKind fit = reel.choices().get(Options.FIT, setUp);
        if (slide.carries() instanceof Carries.Picture picture) {
            PictureId own = slide.instead().said(setUp);
            if (own != null) {
                return List.of(instead(n, own, fit, slide.focal().said(setUp), width, height));
            }
            Box drawn = Fit.of(fit, facts.of(picture.picture()), width, height, focal(slide, picture.picture()));
            return List.of(Placed.listed("picture-" + n, drawn));
        }
        if (slide.carries() instanceof Carries.Pair pair) {
            double foot = aboveLine ? Controls.HIT + 2 * Controls.EDGE : 0;
            return PairBoxes.in(n, pair, facts, fit, focal(slide, pair.after()), width, height, foot);
        }
        return List.of();
    }

    /** A picture that this set-up alone shows; a focal point for all set-ups is not meant for it. */
    private Placed instead(int n, PictureId own, FitKind fit, @Nullable FocalPoint said, Length width, Length height) {
        PictureFacts picture = facts.of(own);
        Box drawn = Fit.of(fit, picture, width, height, said == null ? picture.focal() : said);
        return Placed.listed("picture-" + n + "-" + setUp.word(), drawn).named("picture-" + n);
    }

    private FocalPoint focal(Slide slide, PictureId picture) {
        return slide.focal().in(setUp, facts.of(picture).focal());
    }
}
