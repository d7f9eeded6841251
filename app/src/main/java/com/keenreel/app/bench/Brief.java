package com.keenreel.app.bench;

import com.keenreel.core.option.Arrangement;
import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Direction;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Layout;
import com.keenreel.core.time.Running;
import com.keenreel.publish.Spoken;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** The whole set-up of a reel as sentences whose underlined words are the controls. */
public final class Brief {
    /** A piece of a sentence: text, or a control when {@code control} is there. */
    public record Token(
            String text, @org.jspecify.annotations.Nullable Control control) {}

    /** Sentences under one heading. */
    public record Column(String title, List<List<Token>> sentences) {}

    private final Reel reel;
    private final Layout layout;
    private final List<Column> columns = new ArrayList<>();
    private List<List<Token>> sentences = new ArrayList<>();

    private Brief(Reel reel, Layout layout) {
        this.reel = reel;
        this.layout = layout;
    }

    /** The brief of that reel, column by column. */
    public static List<Column> of(Reel reel, Layout layout) {
        Brief brief = new Brief(reel, layout);
        brief.shape();
        brief.motion();
        brief.steering();
        if (reel.arrangement() != Arrangement.Kind.MARQUEE) {
            brief.words();
        }
        brief.look();
        return brief.columns;
    }

    private void shape() {
        Sentence sits =
                sentence().text("Shows ").all(Options.ARRANGEMENT).text(", ").all(Options.WIDTH);
        if (reel.choices().get(Options.WIDTH).share() < 1
                || !Double.isInfinite(reel.choices().get(Options.WIDTH).most())) {
            sits.text(" ").all(Options.ALIGNED);
        }
        sits.text("; the slot is ").control(Control.slot(reel)).text(".");
        switch (reel.arrangement()) {
            case SINGLE -> sentence().text("Its frame is ").by(Options.RATIO).text(".");
            case ROW -> {
                sentence()
                        .by(Options.SHOWN)
                        .text(" stand side by side, ")
                        .by(Options.GAP)
                        .text(" apart, with ")
                        .by(Options.PART)
                        .text(" of the next in sight.");
                sentence().text("Each picture is ").by(Options.RATIO).text(".");
            }
            case MARQUEE ->
                sentence()
                        .text("Logos stand ")
                        .by(Options.BAND)
                        .text(" high and ")
                        .by(Options.GAP)
                        .text(" apart.");
        }
        narrow();
        if (reel.arrangement() != Arrangement.Kind.MARQUEE) {
            sentence().text("Pictures ").by(Options.FIT).text(" around their focal point.");
        }
        column("Shape");
    }

    /** Says which slides are too narrow to be recognised, and where. */
    private void narrow() {
        for (SetUp setUp : List.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE)) {
            List<String> narrow =
                    layout.narrow(setUp).stream().map(String::valueOf).toList();
            if (!narrow.isEmpty()) {
                sentence()
                        .text((narrow.size() == 1 ? "Slide " : "Slides ") + String.join(", ", narrow)
                                + (narrow.size() == 1 ? " is" : " are") + " so narrow at this height on "
                                + setUp.word() + " that nobody sees what "
                                + (narrow.size() == 1 ? "it shows." : "they show."));
                return;
            }
        }
    }

    private void motion() {
        switch (reel.arrangement()) {
            case MARQUEE -> {
                double lap = Running.lapTime(
                                layout.step(SetUp.DESK).at(0), reel.choices().get(Options.SPEED))
                        / 1000;
                sentence()
                        .text("The band moves ")
                        .all(Options.WAY)
                        .text(" at ")
                        .all(Options.SPEED)
                        .text(", the same on every screen.");
                sentence()
                        .text("A lap takes " + String.format(Locale.ROOT, "%.1f", lap)
                                + " s on desk. It waits while it is pointed at.");
            }
            case SINGLE ->
                sentence()
                        .text("Changes by ")
                        .all(Options.TRANSITION)
                        .text(" in ")
                        .all(Options.TRANSITION_TIME)
                        .text(".");
            case ROW ->
                sentence()
                        .text("Moves by one slide in ")
                        .all(Options.TRANSITION_TIME)
                        .text(".");
        }
        if (reel.arrangement() != Arrangement.Kind.MARQUEE) {
            sentence()
                    .text("Each slide stands ")
                    .all(Options.HOLD)
                    .text(". Goes on ")
                    .all(Options.AUTOPLAY)
                    .text(
                            !reel.choices().get(Options.AUTOPLAY)
                                    ? "."
                                    : goesOn()
                                            ? ", endlessly, until a visitor takes over; it waits while pointed at."
                                            : "; but all its slides are in sight, so there is nothing to go on to.");
            if (reel.slides().size() > 2) {
                sentence().text("Slides come ").all(Options.ANEW).text(".");
            }
        }
        column("Motion");
    }

    /** Whether there is something to go on to on any screen. */
    private boolean goesOn() {
        return reel.movesByItself() && Arrays.stream(SetUp.values()).anyMatch(setUp -> layout.stops(setUp) > 1);
    }

    private void steering() {
        if (reel.arrangement() == Arrangement.Kind.MARQUEE) {
            sentence()
                    .text(
                            "Visitors stop it by a pause button, by pointing at it, or by reaching a logo with the keyboard.");
            speech(Phrase.PAUSE, Phrase.PLAY);
            column("Steering");
            return;
        }
        sentence()
                .text("Visitors use ")
                .by(Options.ARROWS)
                .text(" at the sides, ")
                .by(Options.DOTS)
                .text(", ")
                .all(Options.SWIPE)
                .text(" and ")
                .all(Options.KEYS)
                .text(goesOn() ? ", and a pause button." : ".");
        sentence()
                .text("A press ")
                .all(Options.ANYWHERE)
                .text(" follows its link; on a picture without one it ")
                .all(Options.LARGER)
                .text(".");
        List<String> without = Arrays.stream(SetUp.values())
                .filter(layout::dotsLeftOut)
                .map(SetUp::word)
                .toList();
        if (!without.isEmpty()) {
            sentence()
                    .text("On " + String.join(" and ", without) + " there is no room for "
                            + layout.stops(SetUp.valueOf(without.get(0).toUpperCase(Locale.ROOT)))
                            + " dots; they are left out.");
        }
        boolean pairs = reel.slides().stream().anyMatch(slide -> slide.carries() instanceof Carries.Pair);
        boolean larger = reel.choices().get(Options.LARGER)
                || reel.slides().stream().anyMatch(slide -> Boolean.TRUE.equals(slide.larger()));
        speech(Arrays.stream(Phrase.values())
                .filter(phrase -> larger || !phrase.isOfLargerView())
                .filter(phrase -> pairs || phrase != Phrase.DIVIDER)
                .toArray(Phrase[]::new));
        column("Steering");
    }

    private void words() {
        boolean anyOver = any(Options.WORDS_PLACE, WordsPlace::over);
        boolean anyBelow = any(Options.WORDS_PLACE, place -> place == WordsPlace.BELOW);
        sentence().text("Words stand ").by(Options.WORDS_PLACE).text(".");
        sentence().text("Shown are ").by(Options.WORDS_TEXT).text(".");
        if (anyOver) {
            Sentence over = sentence()
                    .text("Over the picture they have a dark ground of ")
                    .all(Options.WORDS_GROUND);
            if (reel.arrangement() == Arrangement.Kind.SINGLE) {
                over.text("; titles grow to ").by(Options.WORDS_SIZE);
            }
            over.text(".");
        }
        if (anyBelow) {
            sentence()
                    .text("Lines kept below every picture: ")
                    .by(Options.TITLE_LINES)
                    .text(" for its title, ")
                    .by(Options.TEXT_LINES)
                    .text(" for its text; so all slides are equally high.");
        }
        column("Words");
    }

    /** What is said to those who listen. */
    private void speech(Phrase... phrases) {
        Sentence speech = sentence().text("Its language is ").all(Options.LANGUAGE);
        if (reel.direction() == Direction.RTL) {
            speech.text(", read from right to left");
        }
        if (!Spoken.knows(reel.language())) {
            speech.text("; Keen Reel has no words of it, so until you reword them, English is said");
        }
        speech.text(". Those who listen hear ");
        for (int i = 0; i < phrases.length; i++) {
            speech.text(i == 0 ? "" : i == phrases.length - 1 ? " and " : ", ")
                    .control(Control.wording(reel, phrases[i]));
        }
        speech.text(".");
    }

    private <T> boolean any(Option<T> option, java.util.function.Predicate<T> test) {
        return Arrays.stream(SetUp.values())
                .anyMatch(setUp -> test.test(reel.choices().get(option, setUp)));
    }

    private void look() {
        Sentence look = sentence().text("Controls are ").all(Options.CONTROLS);
        if (reel.arrangement() == Arrangement.Kind.MARQUEE) {
            look.text(".");
        } else {
            look.text("; pictures have corners of ")
                    .all(Options.CORNERS)
                    .text(" and stand on ")
                    .all(Options.GROUND)
                    .text(".");
            if (any(Options.WORDS_PLACE, place -> place == WordsPlace.BELOW)) {
                sentence().text("Words below are ").all(Options.INK).text(".");
            }
        }
        column("Look");
    }

    private void column(String title) {
        columns.add(new Column(title, List.copyOf(sentences)));
        sentences = new ArrayList<>();
    }

    private Sentence sentence() {
        Sentence sentence = new Sentence();
        sentences.add(sentence.tokens);
        return sentence;
    }

    private final class Sentence {
        private final List<Token> tokens = new ArrayList<>();

        Sentence text(String text) {
            tokens.add(new Token(text, null));
            return this;
        }

        Sentence control(Control control) {
            tokens.add(new Token("", control));
            return this;
        }

        /** The control of an option that is the same on every screen. */
        <T> Sentence all(Option<T> option) {
            return control(Control.of(reel, option, null));
        }

        /** The control of an option, and one more for each set-up that differs. */
        <T> Sentence by(Option<T> option) {
            all(option);
            BySetUp<T> said = reel.choices().chosen(option);
            String before = " (on ";
            for (SetUp setUp : List.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE)) {
                if (said.own().containsKey(setUp)) {
                    text(before + setUp.word() + " ").control(Control.of(reel, option, setUp));
                    before = ", on ";
                }
            }
            return said.own().isEmpty() ? this : text(")");
        }
    }
}
