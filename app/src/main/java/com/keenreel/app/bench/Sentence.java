package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A sentence of the brief, or of a slide's sheet, while it is put together. */
public final class Sentence {
    private static final Pattern MARK = Pattern.compile("[.,;:)]+");
    private static final Pattern KEY = Pattern.compile("\\{([a-z.-]+)}");

    /**
     * A piece of a sentence: text, or a control when {@code control} is there, or a word that opens several.
     *
     * @param together the controls that the word {@code text} opens; empty for none
     * @param remedy what a press on the word {@code text} chooses at once; null for none
     * @param mark what follows its word without a space, such as a comma: no line begins with it
     */
    public record Token(
            String text,
            @Nullable Control control,
            List<Control> together,
            @Nullable Remedy remedy,
            String mark) {
        /** Whether it is a word that can be pressed. */
        public boolean pressed() {
            return control != null || remedy != null || !together.isEmpty();
        }

        private Token with(String more) {
            return new Token(text, control, together, remedy, mark + more);
        }

        /** What it opens, whether it is one or several. */
        public Stream<Control> controls() {
            return control == null ? together.stream() : Stream.of(control);
        }
    }

    /**
     * A choice that puts right what a sentence complains about.
     *
     * @param setUp for which; null for all
     */
    public record Remedy(String option, @Nullable String setUp, String value) {}

    /**
     * The sentence as it stands.
     *
     * @param usual whether it says nothing but what is usual
     */
    public record Said(List<Token> tokens, boolean usual) {
        /** Its class. */
        public String look() {
            return usual ? "usual" : "";
        }
    }

    private final Reel reel;
    private final @Nullable Slide slide;
    private final Arrangement arrangement;
    private final Choices usual;
    private final UnaryOperator<Control> completed;
    private final List<Token> tokens = new ArrayList<>();
    private boolean chooses; // whether there is a control in it
    private boolean stands; // usual or not
    private boolean idle; // whatever it says has no effect at present

    /**
     * An empty one.
     *
     * @param slide for which alone it speaks; null for the whole reel
     * @param completed adds to a control what is known beside the reel itself
     */
    Sentence(Reel reel, @Nullable Slide slide, UnaryOperator<Control> completed) {
        this.completed = completed;
        this.reel = reel;
        this.slide = slide;
        this.arrangement = Arrangements.of(reel);
        this.usual = Arrangements.usual(arrangement);
    }

    Said said() {
        return new Said(
                List.copyOf(tokens),
                chooses && (idle || !stands)); // without a control it says what somebody should know
    }

    /** It stands there, usual or not. */
    Sentence always() {
        stands = true;
        return this;
    }

    /** What it says has no effect at present: it is folded away, whatever is chosen. */
    Sentence idle() {
        return idle(true);
    }

    Sentence idle(boolean idle) {
        this.idle = idle;
        return this;
    }

    Sentence text(String text) {
        Matcher mark = MARK.matcher(text);
        Token before = tokens.isEmpty() ? null : tokens.get(tokens.size() - 1);
        if (before != null && before.pressed() && mark.lookingAt()) {
            tokens.set(tokens.size() - 1, before.with(mark.group()));
            return mark.end() == text.length() ? this : text(text.substring(mark.end()));
        }
        tokens.add(new Token(text, null, List.of(), null, ""));
        return this;
    }

    Sentence control(Control control) {
        tokens.add(new Token("", completed.apply(control), List.of(), null, ""));
        chooses = true;
        return this;
    }

    /** A word that opens several controls. */
    Sentence together(String word, List<Control> controls) {
        tokens.add(new Token(word, null, controls, null, ""));
        chooses = true;
        return this;
    }

    /**
     * A word that chooses something at once.
     *
     * @param setUp for which; null for all
     */
    <T> Sentence remedy(String word, Option<T> option, @Nullable SetUp setUp, T value) {
        Remedy remedy = new Remedy(
                option.key(),
                setUp == null ? null : setUp.word(),
                option.domain().write(value));
        tokens.add(new Token(word, null, List.of(), remedy, ""));
        return this;
    }

    /** A text in which {@code {key}} stands for the control of that option. */
    Sentence written(String text) {
        int from = 0;
        for (Matcher key = KEY.matcher(text); key.find(); from = key.end()) {
            Option<?> option = Arrangements.option(key.group(1));
            text(text.substring(from, key.start()));
            if (option.bySetUp()) {
                by(option);
            } else {
                all(option);
            }
        }
        return text(text.substring(from));
    }

    /** The control of an option that not every arrangement has, with what stands around it. */
    <T> Sentence maybe(Option<T> option, String before, String after) {
        return arrangement.has(option) ? text(before).all(option).text(after) : this;
    }

    /** The control of an option that is the same on every screen. */
    <T> Sentence all(Option<T> option) {
        stands |= Arrays.stream(SetUp.values())
                .anyMatch(setUp -> !reel.choices().get(option, setUp).equals(usual.get(option, setUp)));
        return control(Control.of(reel, slide, option, null));
    }

    /** The control of an option, and one more for each set-up that differs. */
    <T> Sentence by(Option<T> option) {
        all(option);
        BySetUp<T> said = (slide == null ? reel.choices() : slide.choices()).chosen(option);
        String before = " (on ";
        for (SetUp setUp : List.of(SetUp.DESK, SetUp.TABLET, SetUp.PHONE)) {
            if (said.own().containsKey(setUp)) {
                text(before + setUp.word() + " ").control(Control.of(reel, slide, option, setUp));
                before = ", on ";
            }
        }
        return said.own().isEmpty() ? this : text(")");
    }
}
