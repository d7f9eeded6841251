package com.keenreel.app.compare;

import com.keenreel.app.publishing.Shelf;
import com.keenreel.app.store.PictureStore;
import com.keenreel.app.store.StoredPicture;
import com.keenreel.app.store.StoredPicture.Lined;
import com.keenreel.core.align.Warp;
import com.keenreel.core.edit.Refusal;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Carries.Side;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.imaging.Evening;
import org.jspecify.annotations.Nullable;

/**
 * The two pictures of a comparison: the one that stays as it is, and the one that is, or can be, lined up with it.
 *
 * @param side the side of the one that is lined up: after, unless before was lined up with it
 * @param frame the picture that stays
 * @param moved the other one as it was taken
 * @param lined how it is lined up now; null where it is as it was taken
 * @param evening what its colours are brought to now
 */
record Compared(
        SlideId slide,
        Side side,
        StoredPicture frame,
        StoredPicture moved,
        @Nullable Warp lined,
        Evening evening) {
    /**
     * Those of a slide.
     *
     * @throws Refusal where it carries no comparison
     */
    static Compared of(Reel reel, SlideId id, PictureStore pictures) {
        Slide slide = reel.slide(id).orElseThrow(() -> new Refusal("That slide is no longer there."));
        if (!(slide.carries() instanceof Carries.Pair pair)) {
            throw new Refusal("Only a comparison has two pictures to line up.");
        }
        StoredPicture before = pictures.find(pair.before());
        StoredPicture after = pictures.find(pair.after());
        Lined turned = before.lined();
        if (turned != null && turned.with().equals(after.id())) {
            return new Compared(id, Side.BEFORE, after, pictures.find(turned.of()), turned.warp(), turned.evening());
        }
        Lined own = after.lined();
        if (own == null) {
            return new Compared(id, Side.AFTER, before, after, null, Evening.NONE);
        }
        boolean together = own.with().equals(before.id());
        return new Compared(
                id,
                Side.AFTER,
                before,
                pictures.find(own.of()),
                together ? own.warp() : null,
                together ? own.evening() : Evening.NONE);
    }

    /** Where it is known how they lie: where each point of the frame as it is shown is in the other as it is shown. */
    Warp shown(Warp whole) {
        return frame.version()
                .adjustment()
                .part()
                .then(whole)
                .then(moved.version().adjustment().part().inverse());
    }

    /** The other way round: between both whole, where it is known how they lie as they are shown. */
    Warp whole(Warp shown) {
        return frame.version()
                .adjustment()
                .part()
                .inverse()
                .then(shown)
                .then(moved.version().adjustment().part());
    }

    /** How they lie as they are shown, where nothing lines them up: both fill the frame from their middles. */
    Warp asTaken(double ratio) {
        return filling(ratio(frame), ratio).inverse().then(filling(ratio(moved), ratio));
    }

    /** From a frame of that ratio to a picture that fills it. */
    private static Warp filling(double picture, double frame) {
        double width = Math.min(1, frame / picture);
        double height = Math.min(1, picture / frame);
        return Warp.part((1 - width) / 2, (1 - height) / 2, width, height);
    }

    static double ratio(StoredPicture picture) {
        return (double) picture.version().width() / picture.version().height();
    }

    /** Width to height of a picture that is not trimmed. */
    static double whole(StoredPicture picture) {
        Warp part = picture.version().adjustment().part();
        return ratio(picture) * part.e() / part.a();
    }

    /** Where the one that stays is seen. */
    public String frameAddress() {
        return Shelf.large(frame.version());
    }

    /** Where the other one is seen, as it was taken. */
    public String movedAddress() {
        return Shelf.large(moved.version());
    }
}
