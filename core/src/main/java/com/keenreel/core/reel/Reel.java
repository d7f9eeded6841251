package com.keenreel.core.reel;

import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Language;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SetUpLimits;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.text.Typed;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One piece: an ordered set of slides and how it is arranged, shaped, moved, steered and dressed. Changed only by
 * edits.
 *
 * @param name 1 to 120 characters
 * @param slot where on the page it will sit; not published
 * @param slides in running order, no id twice, at most 500
 * @param choices everything that was chosen
 * @param follows the set its slides come from; null when they are picked by hand
 */
public record Reel(
        String name,
        Slot slot,
        List<Slide> slides,
        Choices choices,
        @Nullable Following follows) {
    /** How many slides a reel has at most. */
    static final int MOST = 500;

    public Reel {
        name = Typed.cleaned(name);
        if (name.isBlank() || name.length() > 120) {
            throw new IllegalArgumentException("A reel's name has 1 to 120 characters.");
        }
        slides = List.copyOf(slides);
        if (slides.size() > MOST) {
            throw new IllegalArgumentException("A reel has at most 500 slides.");
        }
        Set<SlideId> seen = new HashSet<>();
        for (Slide slide : slides) {
            if (!seen.add(slide.id())) {
                throw new IllegalArgumentException("Slide " + slide.id() + " stands twice in the running order.");
            }
        }
    }

    /** A new reel without slides. */
    public static Reel named(String name) {
        return new Reel(name, Slot.FULL, List.of(), Choices.USUAL, null);
    }

    public Reel withName(String other) {
        return new Reel(other, slot, slides, choices, follows);
    }

    public Reel withSlot(Slot other) {
        return new Reel(name, other, slides, choices, follows);
    }

    public Reel withSlides(List<Slide> other) {
        return new Reel(name, slot, other, choices, follows);
    }

    public Reel withChoices(Choices other) {
        return new Reel(name, slot, slides, other, follows);
    }

    public Reel withFollows(@Nullable Following other) {
        return new Reel(name, slot, slides, choices, other);
    }

    /** With the slides that its set has now; itself when it follows none. */
    public Reel following(List<Member> members) {
        return follows == null ? this : withSlides(follows.slides(slides, members));
    }

    /** With everything that is known of slides of its set, those out of it behind the others; itself when it follows none. */
    public Reel knowing(List<Member> members) {
        return follows == null ? this : withSlides(follows.known(slides, members));
    }

    /** What visitors meet on that day: without slides that are hidden, or whose days have not come or are over. */
    public Reel on(LocalDate day) {
        return withSlides(
                slides.stream().filter(slide -> slide.showing().on(day)).toList());
    }

    /** Without slides that are hidden; those that have days stay. */
    public Reel withoutHidden() {
        return withSlides(
                slides.stream().filter(slide -> !slide.showing().hidden()).toList());
    }

    /** The days after that one on which visitors begin to meet other slides, earliest first. */
    public List<LocalDate> turns(LocalDate after) {
        TreeSet<LocalDate> days = new TreeSet<>();
        for (Slide slide : withoutHidden().slides()) {
            LocalDate from = slide.showing().from();
            LocalDate until = slide.showing().until();
            if (from != null) {
                days.add(from);
            }
            if (until != null && until.isBefore(LocalDate.MAX)) {
                days.add(until.plusDays(1));
            }
        }
        return List.copyOf(days.tailSet(after, false));
    }

    /** Where its set-ups begin and end. */
    public SetUpLimits limits() {
        return SetUpLimits.of(choices);
    }

    /** The language of its words and of what is said. */
    public Language language() {
        return choices.get(Options.LANGUAGE);
    }

    /** The way its words are read, and so the way it stands and moves. */
    public Direction direction() {
        return language().direction();
    }

    /** The slide of that id, if it is there. */
    public Optional<Slide> slide(SlideId id) {
        return slides.stream().filter(slide -> slide.id().equals(id)).findFirst();
    }

    /** How long a slide stands, in ms: its own hold, else the reel's. */
    public long hold(Slide slide) {
        Long own = slide.hold();
        return own != null ? own : choices.get(MotionOptions.HOLD);
    }

    /** Every picture it shows, once each, in running order; behind them those on its arrows. */
    public Set<PictureId> pictures() {
        Set<PictureId> used = new LinkedHashSet<>();
        slides.forEach(slide -> used.addAll(slide.pictures()));
        SteeringOptions.PICTURES.forEach(option -> {
            BySetUp<String> chosen = choices.chosen(option);
            Stream.concat(Stream.ofNullable(chosen.all()), chosen.own().values().stream())
                    .filter(id -> !id.isEmpty())
                    .forEach(id -> used.add(new PictureId(id)));
        });
        return used;
    }

    /** Without what shows one of those pictures: slides that carry it, and choices of it. */
    public Reel without(Collection<PictureId> pictures) {
        Choices left = choices;
        for (Option<String> option : SteeringOptions.PICTURES) {
            BySetUp<String> chosen = choices.chosen(option);
            if (names(pictures, chosen.all())) {
                left = left.with(option, null, null);
            }
            for (SetUp setUp : SetUp.values()) {
                left = names(pictures, chosen.said(setUp)) ? left.with(option, setUp, null) : left;
            }
        }
        List<Slide> others = slides.stream()
                .filter(slide -> Collections.disjoint(slide.carries().pictures(), pictures))
                .map(slide -> slide.withoutInstead(pictures))
                .toList();
        return withSlides(others).withChoices(left);
    }

    private static boolean names(Collection<PictureId> pictures, @Nullable String id) {
        return pictures.stream().anyMatch(picture -> picture.value().equals(id));
    }
}
