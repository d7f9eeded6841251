package com.keenreel.core.edit;

import com.keenreel.core.reel.Reel;
import java.util.Set;

/**
 * A change of a reel. Nothing else changes one. Slides are named by id, never by position, so that edits made at the
 * same time by two people can both be kept.
 *
 * <pre>{@code
 * Reel changed = edit.applyTo(reel);
 * Edit back = edit.inverseOn(reel);     // back.applyTo(changed).equals(reel)
 * }</pre>
 */
public sealed interface Edit
        permits Rename,
                SetSlot,
                SetOption,
                AddSlide,
                RemoveSlide,
                MoveSlide,
                SlideEdit,
                FollowSet,
                FollowingEdit,
                Several {

    /**
     * The reel as it is after this edit.
     *
     * @throws Refusal when it cannot be done to this reel, with the reason in words
     */
    Reel applyTo(Reel reel);

    /**
     * The edit that undoes this one.
     *
     * @param reel the reel before this edit
     * @throws Refusal when this edit cannot be done to it
     */
    Edit inverseOn(Reel reel);

    /**
     * What somebody means who types this: edits that people make are completed, those of the history are done again as they
     * stand there.
     */
    default Edit meant() {
        return this;
    }

    /** What it changes, as keys: two edits that share none can both be kept whatever their order. */
    Set<String> touches();

    /** True when two of its kind on the same thing must both be shown to a person: typed words. */
    default boolean isTyped() {
        return false;
    }

    /**
     * What it does, in words, such as "hold 5.0 s -> 6.5 s".
     *
     * @param reel the reel before this edit
     */
    String say(Reel reel);
}
