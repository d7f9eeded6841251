package com.keenreel.core.reel;

import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * One stop of a reel.
 *
 * @param id its name for as long as it lives
 * @param carries what it shows
 * @param words what it says
 * @param hold how long it stands still, in ms, 500 to 120 000; null for the reel's own hold
 * @param focal the point its picture is cropped around; not chosen means the picture's own proposal
 * @param showing when visitors meet it
 * @param instead the picture that a set-up shows in the place of the one it carries
 * @param larger whether its picture opens the larger view when it is pressed; null for as the reel says
 * @param choices what is chosen for it alone, of what slides may differ in
 */
public record Slide(
        SlideId id,
        Carries carries,
        Words words,
        @Nullable Long hold,
        BySetUp<FocalPoint> focal,
        Showing showing,
        BySetUp<PictureId> instead,
        @Nullable Boolean larger,
        Choices choices) {
    private static final long SHORTEST = 500;
    private static final long LONGEST = 120_000;

    public Slide {
        choices.all().keySet().forEach(Slide::refuseShared);
        if (hold != null && (hold < SHORTEST || hold > LONGEST)) {
            throw new IllegalArgumentException("A slide stands 0.5 to 120 s.");
        }
        Objects.requireNonNull(carries);
    }

    /** The hold that is as long as that, ms, to a tenth of a second and within what a hold may be. */
    public static long hold(long lasts) {
        return Math.max(SHORTEST, Math.min(LONGEST, (lasts + 99) / 100 * 100));
    }

    /** A new slide that says what its picture says and holds as long as the reel does. */
    public static Slide of(SlideId id, Carries carries) {
        return new Slide(
                id,
                carries,
                Words.NONE,
                null,
                BySetUp.nothing(),
                Showing.ALWAYS,
                BySetUp.nothing(),
                null,
                Choices.USUAL);
    }

    /** The same slide under another id. */
    public Slide as(SlideId other) {
        return new Slide(other, carries, words, hold, focal, showing, instead, larger, choices);
    }

    public Slide withCarries(Carries other) {
        return new Slide(id, other, words, hold, focal, showing, instead, larger, choices);
    }

    public Slide withWords(Words other) {
        return new Slide(id, carries, other, hold, focal, showing, instead, larger, choices);
    }

    public Slide withHold(@Nullable Long other) {
        return new Slide(id, carries, words, other, focal, showing, instead, larger, choices);
    }

    public Slide withFocal(BySetUp<FocalPoint> other) {
        return new Slide(id, carries, words, hold, other, showing, instead, larger, choices);
    }

    public Slide withShowing(Showing other) {
        return new Slide(id, carries, words, hold, focal, other, instead, larger, choices);
    }

    public Slide withInstead(BySetUp<PictureId> other) {
        return new Slide(id, carries, words, hold, focal, showing, other, larger, choices);
    }

    public Slide withLarger(@Nullable Boolean other) {
        return new Slide(id, carries, words, hold, focal, showing, instead, other, choices);
    }

    public Slide withChoices(Choices other) {
        return new Slide(id, carries, words, hold, focal, showing, instead, larger, other);
    }

    private static void refuseShared(Option<?> option) {
        if (!option.bySlide()) {
            throw new IllegalArgumentException("\"" + option.key() + "\" is the same for all slides.");
        }
    }

    /**
     * What holds for it on that set-up: as chosen for it there, then for it, then for the reel there, then for the reel,
     * else as usual.
     *
     * @param reel what is chosen for the whole reel
     */
    public <T> T chosen(Option<T> option, SetUp setUp, Choices reel) {
        return choices.chosen(option).in(setUp, reel.get(option, setUp));
    }

    /** The same of an option that does not differ by set-up. */
    public <T> T chosen(Option<T> option, Choices reel) {
        T own = choices.chosen(option).all();
        return own == null ? reel.get(option) : own;
    }

    /** The picture that this set-up shows in the place of the one it carries; null where there is none to replace. */
    public @Nullable PictureId insteadOn(SetUp setUp) {
        return carries instanceof Carries.Picture ? instead.said(setUp) : null;
    }

    /** Every picture it shows somewhere: what it carries, then what set-ups show instead. */
    public List<PictureId> pictures() {
        List<PictureId> all = new ArrayList<>(carries.pictures());
        all.addAll(instead.own().values());
        return all;
    }

    /** The same with its own picture on every screen that shows one of those instead. */
    Slide withoutInstead(Collection<PictureId> pictures) {
        BySetUp<PictureId> left = instead;
        for (SetUp setUp : SetUp.values()) {
            PictureId shown = left.said(setUp);
            left = shown != null && pictures.contains(shown) ? left.with(setUp, null) : left;
        }
        return withInstead(left);
    }
}
