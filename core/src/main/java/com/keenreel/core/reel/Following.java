package com.keenreel.core.reel;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

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

    /** As long as nothing else is said: all of it as it is laid out, and it waits to be published. */
    public static Following of(SetId set) {
        return new Following(set, SetOrder.LAID_OUT, 500, false);
    }

    public Following withOrder(SetOrder other) {
        return new Following(set, other, most, byItself);
    }

    public Following withMost(int other) {
        return new Following(set, order, other, byItself);
    }

    public Following withByItself(boolean other) {
        return new Following(set, order, most, other);
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
        Set<SlideId> taken = former.stream().map(Slide::id).collect(Collectors.toSet());
        List<Slide> slides = new ArrayList<>();
        for (Member member : order.of(members)) {
            if (slides.size() == most) {
                break;
            }
            Slide own = known.get(member.picture());
            slides.add(own != null ? own : fresh(member.picture(), taken));
        }
        return slides;
    }

    /**
     * The slides as the set is now, and behind them those that are out of it and have something of their own, so that a
     * picture that comes back, or is among the shown ones again, has its words and everything else again. Of these there
     * are as many as a reel has room for, one of a picture, in an order that does not depend on how they left.
     *
     * @param former the slides as they were
     * @param members as they are laid out
     */
    public List<Slide> known(List<Slide> former, List<Member> members) {
        List<Slide> known = new ArrayList<>(slides(former, members));
        Set<SlideId> shown = known.stream().map(Slide::id).collect(Collectors.toSet());
        Set<Carries> carried = known.stream().map(Slide::carries).collect(Collectors.toSet());
        former.stream()
                .filter(slide -> !shown.contains(slide.id()) && !isUntouched(slide))
                .filter(slide -> !(slide.carries() instanceof Carries.Picture) || carried.add(slide.carries()))
                .sorted(Comparator.comparing(slide -> slide.id().value()))
                .limit(Reel.MOST - known.size())
                .forEach(known::add);
        return known;
    }

    /** Whether nobody has changed anything of a slide since it was made for a picture of the set. */
    private static boolean isUntouched(Slide slide) {
        return slide.carries() instanceof Carries.Picture picture
                && slide.id().value().endsWith("of" + picture.picture().value())
                && slide.equals(Slide.of(slide.id(), picture));
    }

    /** A picture always gets the same slide, so that two windows that see it first mean the same one. */
    private static Slide fresh(PictureId picture, Set<SlideId> taken) {
        SlideId id = new SlideId("of" + picture.value());
        while (taken.contains(id)) { // a slide that was exchanged since it was made of that picture
            id = new SlideId("of" + id.value());
        }
        return Slide.of(id, new Carries.Picture(picture));
    }
}
