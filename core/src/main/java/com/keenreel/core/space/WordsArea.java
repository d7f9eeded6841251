package com.keenreel.core.space;

import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;

/** The area kept for a slide's words. Its size depends on what was chosen, never on the text. */
public final class WordsArea {
    /** Line height of a title below the picture, px. */
    public static final double TITLE_LINE = 24;

    /** Line height of a text below the picture, px. */
    public static final double TEXT_LINE = 22;

    /** Above the words below a picture, px. */
    public static final double ABOVE = 12;

    /** Between two kinds of words, px. */
    public static final double BETWEEN = 4;

    /** Height of a button below the picture with the space above it, px. */
    public static final double BUTTON = 52;

    private final Reel reel;
    private final Facts facts;
    private final SetUp setUp;
    private final double reserved;

    WordsArea(Reel reel, Facts facts, SetUp setUp) {
        this.reel = reel;
        this.facts = facts;
        this.setUp = setUp;
        this.reserved = calculated();
    }

    WordsPlace place() {
        return reel.choices().get(Options.WORDS_PLACE, setUp);
    }

    /** The height kept below every picture, so that all slides are equally high; 0 where words stand elsewhere, px. */
    double reserved() {
        return reserved;
    }

    private double calculated() {
        if (place() != WordsPlace.BELOW) {
            return 0;
        }
        double title = reel.choices().get(Options.TITLE_LINES, setUp) * TITLE_LINE;
        double text = reel.choices().get(Options.WORDS_TEXT, setUp)
                ? reel.choices().get(Options.TEXT_LINES, setUp) * TEXT_LINE
                : 0;
        boolean button = reel.slides().stream()
                .anyMatch(slide -> !facts.said(slide).button().isEmpty());
        return ABOVE + title + (title > 0 && text > 0 ? BETWEEN : 0) + text + (button ? BUTTON : 0);
    }

    /** On a picture area of that size, clear of the arrows at its sides and of the line of dots at its foot. */
    Box over(Length width, Length height, boolean besideArrows, Length line) {
        double side = besideArrows ? Controls.HIT + 2 * Controls.EDGE + 4 : setUp == SetUp.PHONE ? 16 : 24;
        double top = setUp == SetUp.PHONE ? 16 : 24;
        Length foot = Length.max(Length.px(top), line);
        return new Box(
                Length.px(side),
                Length.px(top),
                width.minus(2 * side),
                height.minus(top).minus(foot));
    }

    /** Below a picture area of that size. */
    Box below(Length width, Length height) {
        return new Box(Length.ZERO, height, width, Length.px(reserved));
    }
}
