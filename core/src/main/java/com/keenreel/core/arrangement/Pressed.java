package com.keenreel.core.arrangement;

import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Field;
import com.keenreel.core.reel.Words.Said;

/** What happens when a visitor presses a slide beside its button. */
public enum Pressed {
    NOTHING,
    /** Its link is followed. */
    LINK,
    /** Its picture is shown as large as the window. */
    LARGER;

    /**
     * What a press on that slide does. A link that has no button of its own is followed from anywhere on the slide, and
     * goes before the larger view; only a slide that carries one picture has a larger view. A comparison is moved by
     * presses: its link is followed from its button or its words.
     *
     * @param said what visitors meet on the slide
     */
    public static Pressed of(Reel reel, Slide slide, Said said) {
        boolean button = !said.button().isEmpty() && Arrangements.of(reel).tells(Field.BUTTON);
        boolean anywhere = !button || reel.choices().get(SteeringOptions.ANYWHERE);
        boolean moved = slide.carries() instanceof Carries.Pair;
        if (!said.link().isEmpty() && anywhere && !moved) {
            return LINK;
        }
        return mayOpen(reel, slide) ? LARGER : NOTHING;
    }

    /** Whether a press on that slide opens the larger view where it follows no link. */
    public static boolean mayOpen(Reel reel, Slide slide) {
        Boolean own = slide.larger();
        boolean larger = own == null ? reel.choices().get(SteeringOptions.LARGER) : own;
        return larger
                && slide.carries() instanceof Carries.Picture
                && Arrangements.of(reel).has(SteeringOptions.LARGER);
    }
}
