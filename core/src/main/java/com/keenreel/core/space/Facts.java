package com.keenreel.core.space;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words;
import com.keenreel.core.text.Advances;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What a layout knows beside the reel itself.
 *
 * @param pictures the facts of every picture that the reel shows
 * @param words what those pictures say by themselves; one that is missing says nothing
 * @param type how wide text is
 */
public record Facts(Map<PictureId, PictureFacts> pictures, Map<PictureId, PictureWords> words, Advances type) {
    public Facts {
        pictures = Collections.unmodifiableMap(new HashMap<>(pictures));
        words = Collections.unmodifiableMap(new HashMap<>(words));
    }

    /**
     * The facts of one picture.
     *
     * @throws IllegalArgumentException when they are not known
     */
    public PictureFacts of(PictureId picture) {
        PictureFacts facts = pictures.get(picture);
        if (facts == null) {
            throw new IllegalArgumentException("Nothing is known of picture " + picture + ".");
        }
        return facts;
    }

    /**
     * The point that crops of a slide keep in view on that set-up: what was said there, else for all set-ups, else the
     * proposal of its (last) picture. A picture that the set-up shows instead has its own proposal; a point for all is not
     * meant for it. The middle where a slide has no picture.
     */
    public FocalPoint focal(Slide slide, SetUp setUp) {
        PictureId instead = slide.insteadOn(setUp);
        if (instead != null) {
            FocalPoint said = slide.focal().said(setUp);
            return said == null ? of(instead).focal() : said;
        }
        List<PictureId> shown = slide.carries().pictures();
        FocalPoint proposed = shown.isEmpty()
                ? FocalPoint.CENTRE
                : of(shown.get(shown.size() - 1)).focal();
        return slide.focal().in(setUp, proposed);
    }

    /** What visitors meet on that slide: its own words, completed by those of the (last) picture it shows. */
    public Words.Said said(Slide slide) {
        List<PictureId> shown = slide.carries().pictures();
        PictureWords own = shown.isEmpty()
                ? PictureWords.NONE
                : words.getOrDefault(shown.get(shown.size() - 1), PictureWords.NONE);
        return slide.words().completedBy(own);
    }

    /** What the side before of a comparison shows, for those who do not see it; the same picture once more says nothing more. */
    public String altBefore(Slide slide) {
        String own = slide.words().altBefore();
        if (own != null) {
            return own;
        }
        boolean other =
                slide.carries() instanceof Carries.Pair pair && !pair.before().equals(pair.after());
        return other ? alt(slide.carries().pictures().get(0)) : "";
    }

    /** What a picture says of itself, for those who do not see it. */
    public String alt(PictureId picture) {
        return words.getOrDefault(picture, PictureWords.NONE).alt();
    }
}
