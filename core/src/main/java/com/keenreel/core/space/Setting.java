package com.keenreel.core.space;

import com.keenreel.core.option.WordsPlace;
import org.jspecify.annotations.Nullable;

/**
 * How the words of a slide are set in the area that is kept for them, whatever they say.
 *
 * @param place where they stand
 * @param widest how wide the panel that they stand on becomes at the most
 * @param around between the edges of the panel and the words
 * @param title type of the title; null where it is not shown
 * @param text type of the text; null where it is not shown
 * @param between from the title to the text
 * @param aboveButton from what stands above the button to it
 */
public record Setting(
        WordsPlace place,
        Length widest,
        Insets around,
        @Nullable Type title,
        @Nullable Type text,
        Length between,
        Length aboveButton) {
    /** The same for words whose title stands elsewhere. */
    Setting untitled() {
        return new Setting(place, widest, around, null, text, between, aboveButton);
    }

    /** Type of a button. */
    public static final Type BUTTON = Type.fixed(16, 19.2);

    /** Height of a button, px. */
    public static final double BUTTON_HEIGHT = 44;

    /** Between a button's sides and its words, px. */
    public static final double BUTTON_SIDES = 20;
}
