package com.keenreel.core.edit;

import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Options;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Ratio;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetUp;
import com.keenreel.core.reel.Showing;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;

/** Edits as they come. */
final class RandomEdits {
    private static final List<Words.Field> FIELDS =
            List.of(Words.Field.TITLE, Words.Field.BUTTON, Words.Field.LINK, Words.Field.ALT);

    private RandomEdits() {}

    /** An edit of any kind that this reel allows. No edit touches the text of a slide, or the gap. */
    static Edit any(Random random, Reel now, int step) {
        List<Slide> slides = now.slides();
        int kind = slides.isEmpty() ? random.nextInt(4) : random.nextInt(14);
        SlideId one = slides.isEmpty()
                ? null
                : slides.get(random.nextInt(slides.size())).id();
        SlideId other = slides.isEmpty() || random.nextInt(4) == 0
                ? null
                : slides.get(random.nextInt(slides.size())).id();
        SetUp setUp = random.nextBoolean() ? null : SetUp.values()[random.nextInt(3)];
        return switch (kind) {
            case 0 -> new AddSlide(Slide.of(new SlideId("n" + step), new Carries.Picture(new PictureId("p9"))), other);
            case 1 ->
                new SetOption<>(
                        Options.RATIO, setUp, random.nextBoolean() ? null : new Ratio(1 + random.nextInt(9), 4));
            case 2 -> new Rename("Name " + step);
            case 3 -> new SetSlot(random.nextBoolean() ? Slot.FULL : Slot.read("box " + (400 + step)));
            case 4 -> new RemoveSlide(one);
            case 5 -> new MoveSlide(one, other);
            case 6 -> new SetHold(one, random.nextBoolean() ? null : 500L + step);
            case 7 -> new SetCarried(one, Carries.Pair.of(new PictureId("a" + step), new PictureId("b")));
            case 8 ->
                new SetWords(
                        one, FIELDS.get(random.nextInt(FIELDS.size())), random.nextBoolean() ? "words" + step : null);
            case 9 ->
                new SetFocalPoint(one, setUp, random.nextBoolean() ? null : new FocalPoint(random.nextDouble(), 0.5));
            case 10 ->
                new Show(one, new Showing(random.nextBoolean(), null, LocalDate.of(2026, 12, 1 + random.nextInt(31))));
            case 11 ->
                new SetPictureOn(
                        one,
                        setUp == null ? SetUp.PHONE : setUp,
                        random.nextInt(3) == 0 ? null : new PictureId("p" + step));
            case 12 -> new SetLargerView(one, setUp == null ? null : random.nextBoolean());
            default ->
                new Several(List.of(new MoveSlide(one, other), new SetHold(one, 700L), new Rename("Both " + step)));
        };
    }
}
