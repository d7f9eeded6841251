package com.keenreel.core.reel;

import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.SetUp;
import java.util.ArrayList;
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
 */
public record Slide(
        SlideId id,
        Carries carries,
        Words words,
        @Nullable Long hold,
        BySetUp<FocalPoint> focal,
        Showing showing,
        BySetUp<PictureId> instead,
        @Nullable Boolean larger) {
    public Slide {
        if (hold != null && (hold < 500 || hold > 120_000)) {
            throw new IllegalArgumentException("A slide stands 0.5 to 120 s.");
        }
        Objects.requireNonNull(carries);
    }

    /** A new slide that says what its picture says and holds as long as the reel does. */
    public static Slide of(SlideId id, Carries carries) {
        return new Slide(id, carries, Words.NONE, null, BySetUp.nothing(), Showing.ALWAYS, BySetUp.nothing(), null);
    }

    /** The same slide under another id. */
    public Slide as(SlideId other) {
        return new Slide(other, carries, words, hold, focal, showing, instead, larger);
    }

    public Slide withCarries(Carries other) {
        return new Slide(id, other, words, hold, focal, showing, instead, larger);
    }

    public Slide withWords(Words other) {
        return new Slide(id, carries, other, hold, focal, showing, instead, larger);
    }

    public Slide withHold(@Nullable Long other) {
        return new Slide(id, carries, words, other, focal, showing, instead, larger);
    }

    public Slide withFocal(BySetUp<FocalPoint> other) {
        return new Slide(id, carries, words, hold, other, showing, instead, larger);
    }

    public Slide withShowing(Showing other) {
        return new Slide(id, carries, words, hold, focal, other, instead, larger);
    }

    public Slide withInstead(BySetUp<PictureId> other) {
        return new Slide(id, carries, words, hold, focal, showing, other, larger);
    }

    public Slide withLarger(@Nullable Boolean other) {
        return new Slide(id, carries, words, hold, focal, showing, instead, other);
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
}
