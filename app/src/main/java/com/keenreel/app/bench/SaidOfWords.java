package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.CutOff;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** The sentences of the brief about words on slides. */
final class SaidOfWords {
    private final Reel reel;
    private final Layout layout;
    private final Facts facts;
    private final Supplier<Sentence> sentence;

    /**
     * Those of a reel.
     *
     * @param sentence begins another one
     */
    SaidOfWords(Reel reel, Layout layout, Facts facts, Supplier<Sentence> sentence) {
        this.reel = reel;
        this.layout = layout;
        this.facts = facts;
        this.sentence = sentence;
    }

    void say() {
        boolean anyOver = any(WordsPlace::over);
        boolean anyBelow = any(place -> place == WordsPlace.BELOW);
        sentence.get().always().text("Words stand ").by(Options.WORDS_PLACE).text(".");
        sentence.get().text("Shown are ").by(Options.WORDS_TEXT).text(".");
        Sentence over = sentence.get()
                .idle(!anyOver)
                .text("Over the picture they " + (anyOver ? "" : "would ") + "stand on ")
                .all(LookOptions.PANEL)
                .text(", ")
                .all(Options.WORDS_GROUND)
                .text(" dense");
        if (Arrangements.of(reel).has(Options.WORDS_SIZE)) {
            over.text("; titles " + (anyOver ? "" : "would ") + "grow to ").by(Options.WORDS_SIZE);
        }
        over.text("; they " + (anyOver ? "show " : "would show "))
                .all(Options.WORDS_POINTED)
                .text(".");
        sentence.get()
                .idle(!anyBelow)
                .text("Lines " + (anyBelow ? "" : "that would be ") + "kept below every picture: ")
                .by(Options.TITLE_LINES)
                .text(" for its title, ")
                .by(Options.TEXT_LINES)
                .text(" for its text; so all slides are equally high.");
        List.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE).forEach(this::cutOff);
    }

    private boolean any(Predicate<WordsPlace> test) {
        return Arrays.stream(SetUp.values())
                .anyMatch(setUp -> test.test(reel.choices().get(Options.WORDS_PLACE, setUp)));
    }

    /** Says whose words are cut off on a screen, and offers the lines that they need. */
    private void cutOff(SetUp setUp) {
        for (CutOff cut : CutOff.in(reel, layout, facts, setUp)) {
            boolean titles = cut.lines().equals(Options.TITLE_LINES);
            boolean one = cut.slides().size() == 1;
            String which = cut.slides().stream().map(String::valueOf).collect(Collectors.joining(", "));
            Sentence said = sentence.get()
                    .text("On " + setUp.word() + " the " + (titles ? "title" : "text") + " of "
                            + (one ? "slide " : "slides ") + which + " is cut off: ");
            int most = (int) ((Domain.Count) cut.lines().domain()).most();
            if (cut.needed() <= most) {
                said.remedy("keep " + cut.needed() + " lines", cut.lines(), setUp, cut.needed())
                        .text(".");
            } else {
                said.text("it needs " + cut.needed() + " lines, and " + most + " can be kept.");
            }
        }
    }
}
