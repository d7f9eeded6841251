package com.keenreel.core.space;

import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.Words.Said;
import com.keenreel.core.text.Breaking;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The area kept for a slide's words, and how they are set in it. Both depend on what was chosen, never on the text. */
final class WordsArea {
    /** The size of a title that does not grow, px. */
    static final double TITLE = 18;

    /** The least size of a text, px. */
    private static final double TEXT = 15;

    private static final Type TITLE_BELOW = Type.fixed(TITLE, 24);
    private static final Type TEXT_BELOW = Type.fixed(TEXT, 22);

    /** Above the words below a picture, px. */
    private static final double ABOVE = 12;

    /** Between two kinds of words below a picture, px. */
    private static final double BETWEEN = 4;

    /** Above a button below a picture, px. */
    private static final double ABOVE_BUTTON = 8;

    /** The greatest size of a heading, px. */
    private static final double HEADING = 32;

    /** No reel is looked at that is wider, px. */
    private static final double WIDEST_REEL = 2560;

    /** At so many steps of a stretch of widths it is seen how high words become. */
    private static final int STEPS = 12;

    /** No line becomes longer than can be read, px. */
    private static final Length WIDEST = Length.px(560);

    private final Reel reel;
    private final Facts facts;
    private final SetUp setUp;
    private final double titles;
    private final double reserved;
    private final Map<Object, Setting> settings = new HashMap<>(); // all slides share those that are alike

    /**
     * The areas of a reel's slides.
     *
     * @param titles the greatest size of a title on a picture, px
     */
    WordsArea(Reel reel, Facts facts, SetUp setUp, double titles) {
        this.reel = reel;
        this.facts = facts;
        this.setUp = setUp;
        this.titles = titles;
        this.reserved = calculated();
    }

    WordsPlace place(Slide slide) {
        return slide.chosen(Options.WORDS_PLACE, setUp, reel.choices());
    }

    /** The height kept below every picture, so that all slides are equally high; 0 where words stand elsewhere, px. */
    double reserved() {
        return reserved;
    }

    private int lines(Option<Integer> option) {
        return reel.choices().get(option, setUp);
    }

    private boolean textShows() {
        return reel.choices().get(Options.WORDS_TEXT, setUp);
    }

    private double calculated() {
        if (reel.slides().stream().noneMatch(slide -> place(slide) == WordsPlace.BELOW)) {
            return 0;
        }
        double title = TITLE_BELOW.line().at(0) * lines(Options.TITLE_LINES);
        double text = textShows() ? TEXT_BELOW.line().at(0) * lines(Options.TEXT_LINES) : 0;
        boolean button = reel.slides().stream()
                .anyMatch(slide -> !facts.said(slide).button().isEmpty());
        return ABOVE
                + title
                + (title > 0 && text > 0 ? BETWEEN : 0)
                + text
                + (button ? ABOVE_BUTTON + Setting.BUTTON_HEIGHT : 0);
    }

    /** On a picture area of that size, clear of what stands at its sides and of what stands at its foot. */
    Box over(Length width, Length height, Clear clear) {
        double side = clear.beside() > 0 ? clear.beside() + 4 : setUp == SetUp.PHONE ? 16 : 24;
        double top = setUp == SetUp.PHONE ? 16 : 24;
        Length foot = Length.max(Length.px(top), clear.foot());
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

    /** How words are set on the picture, in an area of that width. */
    Setting settingOver(WordsPlace place, Length width) {
        return settings.computeIfAbsent(List.of(place, width), any -> over(place, width));
    }

    private Setting over(WordsPlace place, Length width) {
        boolean phone = setUp == SetUp.PHONE;
        Type text = Type.growing(TEXT, Math.max(TEXT, Math.rint(titles * 0.6)), 1.45);
        return new Setting(
                place,
                Length.min(width, WIDEST),
                phone ? Insets.of(12, 14) : Insets.of(20, 24),
                Type.growing(TITLE, titles, 1.2),
                textShows() ? text : null,
                Length.px(6),
                Length.px(phone ? 10 : 14));
    }

    /** How words are set below the picture, in an area of that width. */
    Setting settingBelow(Length width) {
        return settings.computeIfAbsent(width, any -> below(width));
    }

    private Setting below(Length width) {
        return new Setting(
                WordsPlace.BELOW,
                width,
                Insets.above(ABOVE),
                kept(TITLE_BELOW, Options.TITLE_LINES),
                textShows() ? kept(TEXT_BELOW, Options.TEXT_LINES) : null,
                Length.px(BETWEEN),
                Length.px(ABOVE_BUTTON));
    }

    /** How titles are set that stand above pictures, as headings. */
    Setting settingOfHeading(Length width) {
        return new Setting(
                WordsPlace.BELOW,
                width,
                new Insets(Length.px(24), Length.ZERO, Length.px(ABOVE), Length.ZERO),
                Type.growing(TITLE, HEADING, 1.2),
                null,
                Length.px(BETWEEN),
                Length.px(ABOVE_BUTTON));
    }

    /** How a large word is set that has its box to itself. */
    static Setting settingOfWord(Type type) {
        return new Setting(WordsPlace.BELOW, Length.WIDTH, Insets.above(0), type, null, Length.ZERO, Length.ZERO);
    }

    /** How high a panel becomes in that stretch of widths, at the most, px: its type grows with the reel, as its lines do. */
    double highest(Said said, Setting set, Span span) {
        double to = Double.isInfinite(span.below()) ? WIDEST_REEL : span.below();
        double highest = 0;
        for (int i = 0; i <= STEPS; i++) {
            double width = span.narrowest() + (to - span.narrowest()) * i / STEPS;
            highest = Math.max(highest, high(said, set, width));
        }
        return Math.ceil(highest);
    }

    private double high(Said said, Setting set, double width) {
        Insets around = set.around();
        double inside = set.widest().at(width)
                - around.left().at(width)
                - around.right().at(width);
        double title = high(said.title(), true, set.title(), inside, width);
        double text = high(said.text(), false, set.text(), inside, width);
        return around.top().at(width)
                + title
                + (title > 0 && text > 0 ? set.between().at(width) : 0)
                + text
                + (said.button().isEmpty() ? 0 : set.aboveButton().at(width) + Setting.BUTTON_HEIGHT)
                + around.bottom().at(width);
    }

    private double high(String words, boolean bold, @Nullable Type type, double inside, double width) {
        return type == null
                ? 0
                : type.line().at(width)
                        * Breaking.lines(words, bold, type.size().at(width), inside, facts.type());
    }

    private @Nullable Type kept(Type type, Option<Integer> lines) {
        return lines(lines) == 0 ? null : type;
    }
}
