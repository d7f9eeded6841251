package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;

/** A change of one thing of one slide, which stays where it is. */
public sealed interface SlideEdit extends Edit
        permits SetHold,
                SetCarried,
                SetWords,
                SetFocalPoint,
                SetHidden,
                SetFirstDay,
                SetLastDay,
                SetPictureOn,
                SetLargerView,
                SetSidePicture,
                SetSideName,
                SetSideEffect,
                SetBetween,
                SetDividerStart,
                SwapSides {

    /** The slide that is changed. */
    SlideId slide();

    /**
     * That slide as it is after this edit.
     *
     * @throws Refusal when it cannot be done to it
     * @throws IllegalArgumentException when a slide cannot be like that, with the reason in words
     */
    Slide applyTo(Slide former);

    /** The edit that makes it again what it was. */
    SlideEdit inverseOn(Slide former);

    @Override
    default Reel applyTo(Reel reel) {
        return SlideAt.change(reel, slide(), this::applyTo);
    }

    @Override
    default Edit inverseOn(Reel reel) {
        return inverseOn(SlideAt.find(reel, slide()));
    }
}
