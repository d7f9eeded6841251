package com.keenreel.app.bench;

import com.keenreel.core.arrangement.Arrangement;
import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Line;
import com.keenreel.core.arrangement.Playing;
import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShadowKind;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.space.CropLoss;
import com.keenreel.core.space.Facts;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The whole set-up of a reel as sentences whose underlined words are the controls. It stays one page: sentences that say
 * nothing but what is usual are folded into the closing words of their column.
 */
public final class Brief {
    /** Sentences under one heading. */
    public record Column(String title, List<Sentence.Said> sentences) {
        /** Everything that its sentences can set, in their order; what a set-up says of its own belongs to one of these. */
        public Stream<Control> controls() {
            return sentences.stream()
                    .flatMap(sentence -> sentence.tokens().stream())
                    .flatMap(Sentence.Token::controls)
                    .filter(control -> control.scope().equals("all"))
                    .distinct();
        }

        /** The words that open what is usual; empty where nothing is. */
        public String rest() {
            long usual = sentences.stream().filter(Sentence.Said::usual).count();
            return usual == 0 ? "" : usual == sentences.size() ? "All as usual" : "And the rest as usual";
        }
    }

    private final Reel reel;
    private final @Nullable Slide slide;
    private final Layout layout;
    private final Facts facts;
    private final Arrangement arrangement;
    private final List<Line> own;
    private final SaidOfPairs pairs;
    private final List<Column> columns = new ArrayList<>();
    private List<Sentence> sentences = new ArrayList<>();

    private Brief(Reel reel, Layout layout, Facts facts, @Nullable Slide slide) {
        this.facts = facts;
        this.reel = reel;
        this.slide = slide;
        this.layout = layout;
        this.arrangement = Arrangements.of(reel);
        this.own = arrangement.brief(reel, layout);
        this.pairs = new SaidOfPairs(reel, this::sentence);
    }

    /** The brief of that reel, column by column. */
    public static List<Column> of(Reel reel, Layout layout, Facts facts) {
        Brief brief = new Brief(reel, layout, facts, null);
        brief.shape();
        brief.motion();
        brief.steering();
        brief.words();
        brief.look();
        return brief.columns;
    }

    /** What may be chosen for that slide alone, as sentences on its sheet. */
    static List<List<Sentence.Token>> of(Reel reel, Layout layout, Facts facts, Slide slide) {
        Brief brief = new Brief(reel, layout, facts, slide);
        brief.own(Line.Column.SLIDE);
        if (Playing.carried(reel, slide, facts) != null) {
            brief.sentence().text("Videos on it ").all(MotionOptions.VIDEO).text(".");
        }
        if (brief.arrangement.has(ShapeOptions.FIT)
                && !slide.carries().pictures().isEmpty()) {
            brief.sentence().text("Pictures on it ").by(ShapeOptions.FIT).text(".");
        }
        if (brief.arrangement.has(Options.WORDS_PLACE)) {
            brief.sentence().text("Its words stand ").by(Options.WORDS_PLACE).text(".");
        }
        boolean addressed = brief.arrangement.has(SteeringOptions.ADDRESSED)
                && reel.choices().get(SteeringOptions.ADDRESSED);
        if (addressed && Pressed.of(reel, slide, facts.said(slide)) == Pressed.LARGER) {
            brief.sentence()
                    .text("A link to its larger view is the page's address with #reel-"
                            + slide.id().value() + " at its end.");
        }
        return brief.sentences.stream()
                .map(sentence -> sentence.said().tokens())
                .toList();
    }

    /** The sentences of the arrangement itself under that heading; the first of them says what it is, whatever is chosen. */
    private void own(Line.Column column) {
        List<Line> lines = own.stream().filter(line -> line.column() == column).toList();
        lines.stream().limit(1).forEach(line -> {
            Sentence first = line.idle() ? sentence().idle() : sentence().always();
            first.written(line.text());
        });
        further(column, 1);
    }

    /** The sentences of the arrangement itself under that heading, from a place on. */
    private void further(Line.Column column, int from) {
        own.stream()
                .filter(line -> line.column() == column)
                .skip(from)
                .forEach(line -> sentence().idle(line.idle()).written(line.text()));
    }

    private void shape() {
        SaidOfShape shape = new SaidOfShape(reel, layout, this::sentence);
        shape.place();
        own(Line.Column.SHAPE);
        shape.rest();
        column("Shape");
    }

    private void motion() {
        own(Line.Column.MOTION);
        new SaidOfMotion(reel, layout, this::sentence).say();
        pairs.motion();
        column("Motion");
    }

    private void steering() {
        own(Line.Column.STEERING);
        pairs.steering();
        new SaidOfSteering(reel, layout, this::sentence).say();
        column("Steering");
    }

    private void words() {
        if (arrangement.has(Options.WORDS_PLACE)) {
            new SaidOfWords(reel, layout, facts, this::sentence).say();
        }
        own(Line.Column.WORDS);
        if (!sentences.isEmpty()) {
            column("Words");
        }
    }

    private <T> boolean any(Option<T> option, java.util.function.Predicate<T> test) {
        return Arrays.stream(SetUp.values())
                .anyMatch(setUp -> test.test(reel.choices().get(option, setUp)));
    }

    private void look() {
        boolean controls = arrangement.has(LookOptions.CONTROLS);
        Sentence look = sentence().maybe(LookOptions.CONTROLS, "Controls are ", "");
        if (!arrangement.has(LookOptions.GROUND)) {
            look.text(".");
        } else {
            look.text(controls ? "; pictures have corners of " : "Pictures have corners of ")
                    .all(LookOptions.CORNERS)
                    .text(" and stand on ")
                    .all(LookOptions.GROUND)
                    .text(".");
        }
        if (controls) {
            new SaidOfControls(reel, layout, facts, this::sentence).say();
        }
        if (arrangement.has(Options.WORDS_PLACE)) {
            boolean below = any(Options.WORDS_PLACE, place -> place == WordsPlace.BELOW);
            sentence()
                    .idle(!below)
                    .text("Words below " + (below ? "are " : "would be "))
                    .all(LookOptions.INK)
                    .text(".");
        }
        if (arrangement.has(LookOptions.BORDER)) {
            sentence()
                    .text("Pictures have a border of ")
                    .all(LookOptions.BORDER)
                    .text(" in ")
                    .all(LookOptions.BORDER_COLOUR)
                    .text(".");
        }
        if (arrangement.has(LookOptions.SHADOW)) {
            boolean shadow = layout.shadow() != ShadowKind.NONE;
            sentence().text("Pictures cast ").all(LookOptions.SHADOW).text(".");
            sentence()
                    .idle(!shadow)
                    .text(shadow ? "It is " : "A shadow would be ")
                    .all(LookOptions.SHADOW_STRENGTH)
                    .text(" dark.");
        }
        pairs.look();
        further(Line.Column.LOOK, 0);
        column("Look");
    }

    private void column(String title) {
        columns.add(new Column(title, sentences.stream().map(Sentence::said).toList()));
        sentences = new ArrayList<>();
    }

    /** Ratios are offered with what they cut off of these pictures, and with the one that cuts off the least. */
    private Control completed(Control control) {
        SetUp setUp = control.scope().equals("all") ? SetUp.DESK : SetUp.of(control.scope());
        boolean cuts = arrangement.has(ShapeOptions.FIT) && reel.choices().get(ShapeOptions.FIT, setUp) == FitKind.FILL;
        if (!control.kind().equals("ratio") || !cuts) {
            return control;
        }
        return control.offering(CropLoss.of(reel, facts, setUp));
    }

    private Sentence sentence() {
        Sentence sentence = new Sentence(reel, slide, this::completed);
        sentences.add(sentence);
        return sentence;
    }
}
