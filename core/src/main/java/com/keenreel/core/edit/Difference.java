package com.keenreel.core.edit;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What would have to be edited to make one state of a reel into another, whatever was done and undone in between. */
public final class Difference {
    /**
     * One edit of it.
     *
     * @param words as it would be said when it is done; null where it is only a means to others
     */
    public record Step(Edit edit, @Nullable String words) {}

    private final List<Step> steps = new ArrayList<>();
    private final Reel after;
    private Reel now;

    private Difference(Reel before, Reel after) {
        this.now = before;
        this.after = after;
        if (!before.name().equals(after.name())) {
            edit(new Rename(after.name()));
        }
        if (!before.slot().equals(after.slot())) {
            edit(new SetSlot(after.slot()));
        }
        Arrangements.options().forEach(option -> choices(option, null, after.choices()));
        Following wanted = after.follows();
        following(before.follows(), wanted);
        boolean same = Objects.equals(now.follows(), wanted);
        if (same && before.slides().equals(after.slides())) {
            return;
        }
        if (now.follows() != null) {
            follow(null, wanted == null);
        }
        slides();
        if (wanted != null) {
            follow(wanted, !same);
        }
    }

    /** How the same set is followed in another way. */
    private void following(@Nullable Following standing, @Nullable Following wanted) {
        if (standing == null || wanted == null || !standing.set().equals(wanted.set())) {
            return;
        }
        if (standing.order() != wanted.order()) {
            edit(new SetFollowedOrder(wanted.order()));
        }
        if (standing.most() != wanted.most()) {
            edit(new SetMostFollowed(wanted.most()));
        }
        if (standing.byItself() != wanted.byItself()) {
            edit(new SetGoesLive(wanted.byItself()));
        }
    }

    /**
     * The edits for a reel that follows a set: the set decides which slides there are and in which order, so that only
     * what somebody chose on a slide is compared.
     */
    private void follow(@Nullable Following following, boolean said) {
        Edit edit = new FollowSet(following, following == null ? now.slides() : null);
        steps.add(new Step(edit, said ? edit.say(now) : null));
        now = edit.applyTo(now);
    }

    /**
     * The edits that make {@code before} into {@code after}, in the order in which they apply; none when they are equal.
     */
    public static List<Edit> between(Reel before, Reel after) {
        return steps(before, after).stream().map(Step::edit).toList();
    }

    /** The same in words, each as it would be said when it is done. */
    public static List<String> inWords(Reel before, Reel after) {
        return steps(before, after).stream()
                .flatMap(step -> Stream.ofNullable(step.words()))
                .toList();
    }

    /** The same edits, each with its words. */
    public static List<Step> steps(Reel before, Reel after) {
        return List.copyOf(new Difference(before, after).steps);
    }

    private void edit(Edit edit) {
        steps.add(new Step(edit, edit.say(now)));
        now = edit.applyTo(now);
    }

    /** What is chosen for the whole reel, or for one slide. */
    private <T> void choices(Option<T> option, @Nullable SlideId slide, Choices wanted) {
        BySetUp<T> said = wanted.chosen(option);
        choice(option, slide, null, said.all());
        for (SetUp setUp : SetUp.values()) {
            choice(option, slide, setUp, said.said(setUp));
        }
    }

    private <T> void choice(Option<T> option, @Nullable SlideId slide, @Nullable SetUp setUp, @Nullable T wanted) {
        Choices standing =
                slide == null ? now.choices() : SlideAt.find(now, slide).choices();
        if (!Objects.equals(standing.chosen(option).said(setUp), wanted)) {
            edit(new SetOption<>(option, slide, setUp, wanted));
        }
    }

    private void slides() {
        for (Slide slide : now.slides()) {
            if (after.slide(slide.id()).isEmpty()) {
                edit(new RemoveSlide(slide.id()));
            }
        }
        Set<SlideId> stay = stay();
        List<Slide> wanted = after.slides();
        for (int i = wanted.size() - 1; i >= 0; i--) {
            SlideId next = i + 1 < wanted.size() ? wanted.get(i + 1).id() : null;
            Slide slide = wanted.get(i);
            if (now.slide(slide.id()).isEmpty()) {
                edit(new AddSlide(slide, next));
            } else if (!stay.contains(slide.id())) {
                edit(new MoveSlide(slide.id(), next));
            }
        }
        wanted.forEach(slide -> slide(SlideAt.find(now, slide.id()), slide));
    }

    /**
     * As many slides as possible that can stay while the others are moved around them: a longest increasing subsequence
     * of the new positions in the old order.
     */
    private Set<SlideId> stay() {
        Map<SlideId, Integer> wanted = new HashMap<>();
        after.slides().forEach(slide -> wanted.put(slide.id(), wanted.size()));
        List<SlideId> standing = now.slides().stream().map(Slide::id).toList();
        int[] places =
                standing.stream().mapToInt(id -> wanted.getOrDefault(id, -1)).toArray();
        int[] length = new int[standing.size()];
        int[] former = new int[standing.size()];
        int last = -1;
        for (int i = 0; i < standing.size(); i++) {
            length[i] = 1;
            former[i] = -1;
            for (int j = 0; j < i; j++) {
                boolean rises = places[j] < places[i];
                if (rises && length[j] + 1 > length[i]) {
                    length[i] = length[j] + 1;
                    former[i] = j;
                }
            }
            last = last < 0 || length[i] > length[last] ? i : last;
        }
        Set<SlideId> stay = new HashSet<>();
        for (int i = last; i >= 0; i = former[i]) {
            stay.add(standing.get(i));
        }
        return stay;
    }

    private void slide(Slide standing, Slide wanted) {
        SlideId id = wanted.id();
        carried(id, standing.carries(), wanted.carries());
        if (!Objects.equals(standing.hold(), wanted.hold())) {
            edit(new SetHold(id, wanted.hold()));
        }
        showing(id, standing.showing(), wanted.showing());
        for (Words.Field field : Words.Field.values()) {
            String said = wanted.words().said(field);
            if (!Objects.equals(standing.words().said(field), said)) {
                edit(new SetWords(id, field, said));
            }
        }
        if (!Objects.equals(standing.larger(), wanted.larger())) {
            edit(new SetLargerView(id, wanted.larger()));
        }
        Arrangements.options().forEach(option -> {
            if (option.bySlide()) {
                choices(option, id, wanted.choices());
            }
        });
        focal(id, null, standing.focal(), wanted.focal());
        for (SetUp setUp : SetUp.values()) {
            if (!Objects.equals(standing.instead().said(setUp), wanted.instead().said(setUp))) {
                edit(new SetPictureOn(id, setUp, wanted.instead().said(setUp)));
            }
            focal(id, setUp, standing.focal(), wanted.focal());
        }
    }

    private void carried(SlideId id, Carries standing, Carries wanted) {
        if (standing instanceof Carries.Pair from && wanted instanceof Carries.Pair to) {
            for (Carries.Side side : Carries.Side.values()) {
                if (!from.picture(side).equals(to.picture(side))) {
                    edit(new SetSidePicture(id, side, to.picture(side)));
                }
                if (!from.name(side).equals(to.name(side))) {
                    edit(new SetSideName(id, side, to.name(side)));
                }
                if (!from.effect(side).equals(to.effect(side))) {
                    edit(new SetSideEffect(id, side, to.effect(side)));
                }
            }
            boolean starts = from.startsAt() != to.startsAt();
            boolean first = to.startsAt() < from.startsAt(); // dividers keep their order, also between the two edits
            if (starts && first) {
                edit(new SetDividerStart(id, to.startsAt()));
            }
            if (!from.between().equals(to.between())) {
                edit(new SetBetween(id, to.between()));
            }
            if (starts && !first) {
                edit(new SetDividerStart(id, to.startsAt()));
            }
        } else if (!standing.equals(wanted)) {
            edit(new SetCarried(id, wanted));
        }
    }

    /** A last day is never before a first one, also between the two edits. */
    private void showing(SlideId id, Showing standing, Showing wanted) {
        if (standing.hidden() != wanted.hidden()) {
            edit(new SetHidden(id, wanted.hidden()));
        }
        LocalDate from = wanted.from();
        LocalDate until = standing.until();
        boolean lastFirst = from != null && until != null && until.isBefore(from);
        if (lastFirst) {
            edit(new SetLastDay(id, wanted.until()));
        }
        if (!Objects.equals(standing.from(), from)) {
            edit(new SetFirstDay(id, from));
        }
        if (!lastFirst && !Objects.equals(until, wanted.until())) {
            edit(new SetLastDay(id, wanted.until()));
        }
    }

    private void focal(SlideId id, @Nullable SetUp setUp, BySetUp<FocalPoint> standing, BySetUp<FocalPoint> wanted) {
        if (!Objects.equals(standing.said(setUp), wanted.said(setUp))) {
            edit(new SetFocalPoint(id, setUp, wanted.said(setUp)));
        }
    }
}
