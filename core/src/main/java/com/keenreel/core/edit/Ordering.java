package com.keenreel.core.edit;

import com.keenreel.core.reel.Member;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** Brings the slides of a reel into an order by a rule, once. */
public final class Ordering {
    private Ordering() {}

    /**
     * The reel with its slides in that order: by the first picture of each; slides without a picture come last, as they
     * stand.
     *
     * @param order "as laid out" is as they stand; shuffled is another order than that in which they stand
     * @param pictures name and date of every picture of the reel
     * @throws Refusal when its slides come from a set
     */
    public static Reel by(SetOrder order, Reel reel, Map<PictureId, Member> pictures) {
        FollowSet.refuse(reel);
        Map<PictureId, Slide> slides = new LinkedHashMap<>();
        List<Member> standing = new ArrayList<>();
        List<Slide> plain = new ArrayList<>();
        for (Slide slide : reel.slides()) {
            Member picture = slide.carries().pictures().stream()
                    .findFirst()
                    .map(pictures::get)
                    .orElse(null);
            if (picture == null) {
                plain.add(slide);
                continue;
            }
            PictureId own = new PictureId(slide.id().value()); // one picture may stand on several slides
            slides.put(own, slide);
            standing.add(new Member(own, picture.name(), picture.taken()));
        }
        List<Slide> arranged = new ArrayList<>();
        List<Member> ordered = order == SetOrder.SHUFFLED ? shuffled(standing) : order.of(standing);
        ordered.forEach(member -> arranged.add(slides.get(member.picture())));
        arranged.addAll(plain);
        return reel.withSlides(arranged);
    }

    /** Another order than they stand in, when there is one; where they stand alike, the same. */
    private static List<Member> shuffled(List<Member> standing) {
        List<Member> shuffled = new ArrayList<>(standing);
        Random random = new Random(standing.hashCode());
        while (standing.size() > 1 && shuffled.equals(standing)) {
            Collections.shuffle(shuffled, random);
        }
        return shuffled;
    }

    /**
     * The reel with more slides.
     *
     * @param more whose ids are not there yet
     * @param before the slide that they come before; null, or one that is gone, means the end
     * @throws Refusal when its slides come from a set
     */
    public static Reel with(Reel reel, List<Slide> more, @Nullable SlideId before) {
        FollowSet.refuse(reel);
        List<Slide> slides = new ArrayList<>(reel.slides());
        slides.addAll(SlideAt.insertion(slides, before), more);
        return reel.withSlides(slides);
    }
}
