package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.ArrowForm;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.PairView;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.ThumbOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import com.keenreel.publish.Spoken;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** The sentences of the brief about what visitors go from slide to slide with. */
final class SaidOfSteering {
    private final Reel reel;
    private final Layout layout;
    private final Arrangement arrangement;
    private final Supplier<Sentence> sentence;

    /**
     * Those of a reel.
     *
     * @param sentence begins another one
     */
    SaidOfSteering(Reel reel, Layout layout, Supplier<Sentence> sentence) {
        this.reel = reel;
        this.layout = layout;
        this.arrangement = Arrangements.of(reel);
        this.sentence = sentence;
    }

    void say() {
        if (arrangement.has(SteeringOptions.ARROWS)) {
            stops();
        }
        if (arrangement.has(SteeringOptions.ANYWHERE)) {
            sentence.get()
                    .text("A press ")
                    .all(SteeringOptions.ANYWHERE)
                    .text(" follows its link")
                    .maybe(SteeringOptions.LARGER, "; on a picture without one it ", "")
                    .text(".");
        }
        boolean larger =
                arrangement.has(SteeringOptions.LARGER) && reel.choices().get(SteeringOptions.LARGER)
                        || reel.slides().stream().anyMatch(slide -> Boolean.TRUE.equals(slide.larger()));
        if (arrangement.has(SteeringOptions.ADDRESSED)) {
            sentence.get()
                    .idle(!larger)
                    .text("Which picture is seen in the larger view stands ")
                    .all(SteeringOptions.ADDRESSED)
                    .text(".");
        }
        speech(Arrays.stream(Phrase.values())
                .filter(phrase -> arrangement.has(Options.wording(phrase)))
                .filter(phrase -> larger || !phrase.isOfLargerView() || isOfButton(phrase))
                .filter(phrase -> !isOfPairs(phrase) || heardOfPairs().contains(phrase))
                .toArray(Phrase[]::new));
    }

    private static boolean isOfPairs(Phrase phrase) {
        return Arrays.stream(PairView.values()).anyMatch(view -> view.phrase() == phrase);
    }

    /** What is said of the comparisons that there are. */
    private Set<Phrase> heardOfPairs() {
        return reel.slides().stream()
                .map(Slide::carries)
                .filter(Carries.Pair.class::isInstance)
                .map(carried ->
                        PairBoxes.view(reel.choices(), (Carries.Pair) carried).phrase())
                .collect(Collectors.toSet());
    }

    /** How visitors go from stop to stop. */
    private void stops() {
        boolean goesOn = arrangement.movesByItself(reel);
        sentence.get()
                .idle(!goesOn)
                .text(goesOn ? "It goes on by itself, and visitors " : "If it went on by itself, visitors would ")
                .all(SteeringOptions.ONLY_PAUSED)
                .text(".");
        boolean only = goesOn && reel.choices().get(SteeringOptions.ONLY_PAUSED);
        boolean steered = arrangement.motion(reel).stops() && !only;
        Sentence use = steered ? sentence.get().always() : sentence.get().idle();
        use.text(
                        steered
                                ? "Visitors use "
                                : only
                                        ? "Were it steered, visitors would use "
                                        : "Were there somewhere to go to, visitors would use ")
                .by(SteeringOptions.ARROWS)
                .text(", ")
                .by(SteeringOptions.DOTS)
                .text(", ")
                .by(SteeringOptions.SWIPE)
                .text(" and ")
                .by(SteeringOptions.KEYS)
                .text(!only && SaidOfMotion.goesOn(reel, layout) ? ", and a pause button." : ".");
        arrows();
        if (arrangement.has(ThumbOptions.SHOWN)) {
            thumbs(only);
        }
        more(only);
        sentence.get()
                .idle(!layout.stands(Part.dot(1)) && !layout.stands(Part.COUNT))
                .text("Stops are marked by ")
                .by(SteeringOptions.MARKS)
                .text(".");
        List<Range> cramped = layout.withoutDots();
        List<String> without =
                cramped.stream().map(range -> range.setUp().word()).distinct().toList();
        if (!without.isEmpty()) {
            sentence.get()
                    .text("On " + String.join(" and ", without) + " there is no room for "
                            + cramped.get(0).stops().size()
                            + " dots; they are left out.");
        }
    }

    private void more(boolean only) {
        sentence.get()
                .idle(only)
                .text(only ? "They would also get " : "Visitors also get ")
                .by(SteeringOptions.WHEEL)
                .text(", ")
                .by(SteeringOptions.SCREEN)
                .text(" and ")
                .by(SteeringOptions.FITS)
                .text(".");
    }

    private void thumbs(boolean only) {
        boolean any = layout.stands(Part.THUMBS);
        sentence.get()
                .idle(only)
                .text(only ? "They would get " : "Visitors get ")
                .by(ThumbOptions.SHOWN)
                .text(".");
        sentence.get()
                .idle(!any)
                .text(any ? "They stand " : "Thumbnails would stand ")
                .by(ThumbOptions.EDGE)
                .text(", ")
                .by(ThumbOptions.SIZE)
                .text(" in size and ")
                .by(ThumbOptions.RATIO)
                .text(" in shape, ")
                .by(ThumbOptions.GAP)
                .text(" apart.");
        sentence.get()
                .idle(!any)
                .text(any ? "The current one has " : "The current one would have ")
                .by(ThumbOptions.BORDER)
                .text(" of border, others are ")
                .by(ThumbOptions.PALER)
                .text(" paler; they are seen ")
                .by(ThumbOptions.POINTED)
                .text(".");
    }

    /** Whether it is what a button of the reel itself is called. */
    private boolean isOfButton(Phrase phrase) {
        return switch (phrase) {
            case FULL_SCREEN -> layout.stands(Part.SCREEN);
            case FILL, WHOLE, ORIGINAL -> layout.stands(Part.FITS);
            default -> false;
        };
    }

    private void arrows() {
        Sentence arrows = sentence.get()
                .idle(!layout.stands(Part.NEXT))
                .text("Arrows are ")
                .by(SteeringOptions.ARROWS_FORM)
                .text(" on ")
                .by(SteeringOptions.ARROWS_SIZE);
        if (arrangement.has(SteeringOptions.ARROWS_PLACE)) {
            arrows.text(", stand ").by(SteeringOptions.ARROWS_PLACE);
        }
        arrows.text(" and are seen ").by(SteeringOptions.ARROWS_SHOWN).text(".");
        boolean own = Arrays.stream(SetUp.values())
                .anyMatch(setUp -> reel.choices().get(SteeringOptions.ARROWS_FORM, setUp) == ArrowForm.OWN);
        Sentence pictures = own && layout.stands(Part.NEXT)
                ? sentence.get().always()
                : sentence.get().idle();
        pictures.text(own ? "The arrow onward is " : "In pictures of your own the arrow onward would be ")
                .by(SteeringOptions.ARROWS_ONWARD)
                .text(", the one back ")
                .by(SteeringOptions.ARROWS_BACK)
                .text(".");
    }

    /** What is said to those who listen. */
    private void speech(Phrase... phrases) {
        Sentence speech = sentence.get().text("Its language is ").all(Options.LANGUAGE);
        if (reel.direction() == Direction.RTL) {
            speech.text(", read from right to left");
        }
        if (!Spoken.knows(reel.language())) {
            speech.text("; Keen Reel has no words of it, so until you reword them, English is said");
        }
        if (phrases.length > 0) {
            List<Control> all = Arrays.stream(phrases)
                    .map(phrase -> Control.wording(reel, phrase))
                    .toList();
            speech.text(". Those who listen hear ").together("the usual words", all);
            String before = " but for ";
            for (Control control : all) {
                if (!control.said().isEmpty()) {
                    speech.text(before).always().control(control);
                    before = ", ";
                }
            }
        }
        speech.text(".");
    }
}
