package com.keenreel.core.arrangement.wordrows;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Line.Column;
import com.keenreel.core.arrangement.Places;
import com.keenreel.core.arrangement.Shared;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words.Field;
import com.keenreel.core.space.Facts;
import com.keenreel.core.time.Motion;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Rows of large words; the picture of one appears while it is pointed at, reached by keyboard or tapped. */
public final class WordRows implements Arrangement {
    /**
     * Read at the first use, not when the class is loaded: the options that are shared ask the registry, which loads
     * this class.
     */
    private static final class Has {
        static final Set<Option<?>> ALL = all();

        private static Set<Option<?>> all() {
            Set<Option<?>> options = new LinkedHashSet<>(Shared.PICTURES);
            options.remove(SteeringOptions.ANYWHERE); // there is nothing of a slide beside its word
            return Shared.together(
                    options,
                    WordRowsOptions.ALL,
                    ShapeOptions.GAP,
                    LookOptions.AT_REST,
                    LookOptions.POINTED_INK,
                    LookOptions.APPEARS);
        }
    }

    @Override
    public String word() {
        return "wordrows";
    }

    @Override
    public String says() {
        return "rows of words";
    }

    @Override
    public int place() {
        return 7;
    }

    @Override
    public String slides() {
        return "words";
    }

    @Override
    public String summary(Reel reel) {
        return "Word rows";
    }

    @Override
    public Set<Option<?>> options() {
        return Has.ALL;
    }

    @Override
    public List<Option<?>> own() {
        return WordRowsOptions.ALL;
    }

    @Override
    public boolean shows(Carries carried) {
        return !(carried instanceof Carries.Pair);
    }

    @Override
    public boolean tells(Field field) {
        return field == Field.TITLE || Arrangement.super.tells(field);
    }

    @Override
    public Places places(Reel reel, Facts facts) {
        return new WordRowsPlaces(reel, facts);
    }

    @Override
    public Motion motion(Reel reel) {
        return new Motion.ByScroll(List.of());
    }

    @Override
    public List<Line> brief(Reel reel, Layout layout) {
        return List.of(
                new Line(Column.SHAPE, "Words stand in {wordrows.rows} rows, {shape.gap} apart, {wordrows.lines}."),
                new Line(
                        Column.SHAPE,
                        "A word's picture is {shape.ratio} and {wordrows.picture} wide, {wordrows.across} of the way across and"
                                + " {wordrows.down} of the way down."),
                new Line(Column.MOTION, "While the page is scrolled rows {wordrows.shifts}."),
                new Line(Column.MOTION, "Pictures appear {look.appears}."),
                new Line(
                        Column.STEERING,
                        "Pointing at a word, tapping it or reaching it with the keyboard shows its picture."),
                new Line(Column.STEERING, "A press on a word follows its link; without one it {steering.larger}."),
                new Line(Column.WORDS, "Titles are the words: {wordrows.size} large, {look.at-rest} in {look.ink}."),
                new Line(Column.WORDS, "While one is pointed at it is {look.pointed-ink}."),
                new Line(
                        Column.SLIDE,
                        "Its picture is {wordrows.picture} wide, {wordrows.across} of the way across and {wordrows.down} of the way"
                                + " down."));
    }

    @Override
    public List<Starter> starters() {
        Choices choices = Arrangements.usual(this)
                .with(ShapeOptions.WIDTH, null, new ReelWidth(1, 1600))
                .with(ShapeOptions.RATIO, null, new Ratio(4, 3))
                .with(ShapeOptions.GAP, null, 12.0)
                .with(WordRowsOptions.SIZE, SetUp.TABLET, 72.0)
                .with(WordRowsOptions.SIZE, SetUp.PHONE, 48.0)
                .with(WordRowsOptions.PICTURE, SetUp.PHONE, 60.0);
        return List.of(new Starter(
                8,
                "wordrows",
                "Word rows",
                "words that show pictures",
                "a list of names or kinds",
                Slot.FULL,
                1,
                choices));
    }
}
