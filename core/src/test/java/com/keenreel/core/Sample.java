package com.keenreel.core;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.space.Facts;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Reels and facts for tests. Every letter of text is half as wide as its size. */
public final class Sample {
    private Sample() {}

    /** A reel of that many slides, each with a picture of its own, p1 and so on. */
    public static Reel reel(String arrangement, int slides) {
        List<Slide> all = new ArrayList<>();
        for (int i = 1; i <= slides; i++) {
            all.add(Slide.of(new SlideId("s" + i), new Carries.Picture(new PictureId("p" + i))));
        }
        Reel reel = Reel.named("Sample").withSlides(all);
        return choose(reel, Arrangements.OPTION, Arrangements.of(arrangement));
    }

    /** The same reel with its first two pictures compared by the first slide. */
    public static Reel comparing(Reel reel) {
        List<Slide> all = new ArrayList<>(reel.slides());
        all.set(0, all.get(0).withCarries(Carries.Pair.of(new PictureId("p1"), new PictureId("p2"))));
        return reel.withSlides(all);
    }

    public static <T> Reel choose(Reel reel, Option<T> option, T value) {
        return reel.withChoices(reel.choices().with(option, null, value));
    }

    public static <T> Reel choose(Reel reel, Option<T> option, SetUp setUp, T value) {
        Choices choices = reel.choices().with(option, setUp, value);
        return reel.withChoices(choices);
    }

    /** Facts of pictures p1, p2 and so on with those sizes, width then height. */
    public static Facts facts(int... sizes) {
        Map<PictureId, PictureFacts> facts = new HashMap<>();
        for (int i = 0; i < sizes.length; i += 2) {
            PictureId id = new PictureId("p" + (i / 2 + 1));
            facts.put(id, new PictureFacts(id, sizes[i], sizes[i + 1], FocalPoint.CENTRE));
        }
        return new Facts(facts, Map.of(), (text, bold, size) -> text.length() * size / 2);
    }
}
