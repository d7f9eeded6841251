package com.keenreel.core.edit;

import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Effect;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Following;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.SetId;
import com.keenreel.core.reel.SetOrder;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Edits of every kind, as they come. */
public final class RandomEdits {
    private static final List<Words.Field> FIELDS = List.of( // texts are somebody else's
            Words.Field.TITLE, Words.Field.BUTTON, Words.Field.LINK, Words.Field.ALT, Words.Field.ALT_BEFORE);

    private final Random random;
    private final List<PictureId> pictures;
    private final SetId set;

    /**
     * Edits of reels that show those pictures.
     *
     * @param pictures three at the least
     * @param set what a reel may follow
     */
    public RandomEdits(Random random, List<PictureId> pictures, SetId set) {
        this.random = random;
        this.pictures = List.copyOf(pictures);
        this.set = set;
    }

    /** An edit that this reel allows. No edit touches the text of a slide, or the gap. */
    public Edit any(Reel now, int step) {
        while (true) {
            Edit edit = one(now, step);
            try {
                if (edit != null && !edit.applyTo(now).equals(now)) {
                    return edit;
                }
            } catch (Refusal notNow) {
                // another one
            }
        }
    }

    private @Nullable Edit one(Reel now, int step) {
        List<Slide> slides = now.slides();
        Slide slide = slides.isEmpty() ? null : slides.get(random.nextInt(slides.size()));
        SlideId other = slides.isEmpty() || random.nextInt(4) == 0
                ? null
                : slides.get(random.nextInt(slides.size())).id();
        int kind = random.nextInt(29);
        switch (kind) {
            case 0, 1:
                return new AddSlide(Slide.of(new SlideId("n" + step), new Carries.Picture(picture())), other);
            case 2:
                return new SetOption<>(ShapeOptions.RATIO, setUp(), maybe(new Ratio(1 + random.nextInt(9), 4)));
            case 3:
                return new Rename("Name " + step);
            case 4:
                return new SetSlot(random.nextBoolean() ? Slot.FULL : Slot.read("box " + (400 + step)));
            case 5:
                return follow();
            case 6:
                return new SetFollowedOrder(SetOrder.values()[random.nextInt(SetOrder.values().length)]);
            case 7:
                return new SetMostFollowed(1 + random.nextInt(9));
            case 8:
                return new SetGoesLive(random.nextBoolean());
            case 9:
                return new SetOption<>(MotionOptions.AUTOPLAY, null, maybe(random.nextBoolean()));
            default:
                return slide == null
                        ? null
                        : ofSlide(kind, kind > 20 && kind != 26 ? aPair(slides, slide) : slide.id(), other, step);
        }
    }

    private static SlideId aPair(List<Slide> slides, Slide otherwise) {
        return slides.stream()
                .filter(slide -> slide.carries() instanceof Carries.Pair)
                .findFirst()
                .orElse(otherwise)
                .id();
    }

    private @Nullable Edit ofSlide(int kind, SlideId one, @Nullable SlideId other, int step) {
        Side side = Side.values()[random.nextInt(2)];
        LocalDate day = maybe(LocalDate.of(2026, 12, 1 + random.nextInt(31)));
        return switch (kind) {
            case 10 -> new RemoveSlide(one);
            case 11 -> new MoveSlide(one, other);
            case 12 -> new SetHold(one, maybe(500L + step));
            case 13 ->
                new SetCarried(
                        one,
                        random.nextInt(3) == 0
                                ? new Carries.Picture(picture())
                                : Carries.Pair.of(picture(), picture()));
            case 14 -> new SetWords(one, FIELDS.get(random.nextInt(FIELDS.size())), maybe("words" + step));
            case 15 -> new SetFocalPoint(one, setUp(), maybe(new FocalPoint(random.nextInt(1000) / 1000.0, 0.5)));
            case 16 -> new SetHidden(one, random.nextBoolean());
            case 17 -> new SetFirstDay(one, day);
            case 18 -> new SetLastDay(one, day);
            case 19 -> new SetPictureOn(one, SetUp.values()[random.nextInt(3)], maybe(picture()));
            case 26 -> new SetOption<>(ShapeOptions.FIT, one, setUp(), maybe(FitKind.WHOLE));
            case 20 -> new SetLargerView(one, maybe(random.nextBoolean()));
            case 21 -> new SetSidePicture(one, side, picture());
            case 22 -> new SwapSides(one);
            case 23 -> new SetSideName(one, side, "Side " + step);
            case 24 -> new SetDividerStart(one, random.nextInt(100) / 100.0);
            case 28 -> new SetBetween(one, between());
            case 27 -> new SetSideEffect(one, side, new Effect(Effect.Kind.GREY, random.nextInt(101)));
            default ->
                new Several(List.of(new MoveSlide(one, other), new SetHold(one, 700L), new Rename("Both " + step)));
        };
    }

    private List<Carries.Between> between() {
        double at = 0.4 + random.nextInt(3) / 5.0;
        Carries.Between one = new Carries.Between(picture(), "State", at);
        return random.nextInt(3) == 0
                ? List.of()
                : random.nextBoolean() ? List.of(one) : List.of(one, new Carries.Between(picture(), "", 0.9));
    }

    private Edit follow() {
        return new FollowSet(
                random.nextBoolean()
                        ? new Following(set, SetOrder.BY_NAME, 1 + random.nextInt(5), random.nextBoolean())
                        : null);
    }

    private PictureId picture() {
        return pictures.get(random.nextInt(pictures.size()));
    }

    private @Nullable SetUp setUp() {
        return random.nextBoolean() ? null : SetUp.values()[random.nextInt(3)];
    }

    private <T> @Nullable T maybe(T value) {
        return random.nextInt(3) == 0 ? null : value;
    }

    /** Every kind of edit that there is. */
    public static List<Class<?>> kinds() {
        return kinds(Edit.class);
    }

    private static List<Class<?>> kinds(Class<?> of) {
        return Stream.of(of.getPermittedSubclasses())
                .flatMap(kind -> kind.isSealed() ? kinds(kind).stream() : Stream.of(kind))
                .toList();
    }
}
