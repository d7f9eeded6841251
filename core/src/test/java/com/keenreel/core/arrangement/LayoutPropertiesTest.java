package com.keenreel.core.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.ArrowsPlace;
import com.keenreel.core.option.Choices;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.Language;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.space.Box;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Part.What;
import com.keenreel.core.space.Placed;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Widths;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What must hold of any reel at any width. */
class LayoutPropertiesTest {
    private static final double EXACT = 1e-6;

    private record Any(Reel reel, Facts facts) {
        Layout layout() {
            return Layout.of(reel, facts);
        }
    }

    static List<Arrangement> arrangements() {
        return Arrangements.all();
    }

    /** Those in which slides are cells, with cropped pictures and words. */
    static List<Arrangement> cells() {
        return Arrangements.all().stream()
                .filter(arrangement -> arrangement.has(ShapeOptions.FIT))
                .toList();
    }

    /** A reel of that kind with everything chosen at random, overrides too. */
    private static Any any(Arrangement kind, Random random) {
        int count = 1 + random.nextInt(14);
        Map<PictureId, PictureFacts> facts = new HashMap<>();
        Map<PictureId, PictureWords> words = new HashMap<>();
        List<Slide> slides = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            PictureId one = picture(facts, "a" + i, random);
            PictureId two = picture(facts, "b" + i, random);
            words.put(one, new PictureWords(random.nextBoolean() ? "Title" : "", "", "", ""));
            boolean pair = kind.has(ShapeOptions.FIT) && random.nextInt(3) == 0;
            Carries carries = pair
                    ? new Carries.Pair(one, two, "Before", "After", random.nextDouble())
                    : new Carries.Picture(one);
            slides.add(Slide.of(new SlideId("s" + i), carries));
        }
        Reel reel = Reel.named("Any").withSlides(slides);
        for (Option<?> option : Arrangements.options()) {
            if (option.equals(ShapeOptions.HIDDEN)) {
                continue; // then there is nothing to be looked at
            }
            reel = chosen(reel, option, random);
            reel = chosenBySlide(reel, option, random);
        }
        reel = reel.withChoices(reel.choices().with(Arrangements.OPTION, null, kind));
        return new Any(reel, new Facts(facts, words, (text, bold, size) -> text.length() * size / 2));
    }

    private static PictureId picture(Map<PictureId, PictureFacts> facts, String name, Random random) {
        PictureId id = new PictureId(name);
        FocalPoint focal = new FocalPoint(random.nextDouble(), random.nextDouble());
        facts.put(id, new PictureFacts(id, 100 + random.nextInt(3000), 100 + random.nextInt(3000), focal));
        return id;
    }

    private static <T> Reel chosen(Reel reel, Option<T> option, Random random) {
        Reel now = reel;
        if (random.nextBoolean()) {
            now = now.withChoices(now.choices().with(option, null, value(option, random)));
        }
        for (SetUp setUp : SetUp.values()) {
            if (option.bySetUp() && random.nextInt(4) == 0) {
                now = now.withChoices(now.choices().with(option, setUp, value(option, random)));
            }
        }
        return now;
    }

    private static <T> Reel chosenBySlide(Reel reel, Option<T> option, Random random) {
        Reel now = reel;
        for (Slide slide : reel.slides()) {
            if (option.bySlide() && random.nextInt(6) == 0) {
                SetUp some = SetUp.values()[random.nextInt(3)];
                SetUp setUp = option.bySetUp() && random.nextBoolean() ? some : null;
                now = new SetOption<>(option, slide.id(), setUp, value(option, random)).applyTo(now);
            }
        }
        return now;
    }

    private static <T> T value(Option<T> option, Random random) {
        Domain<T> domain = option.domain();
        if (domain instanceof Domain.Quantity<?> within) {
            double steps = Math.floor((within.most() - within.least()) / within.step());
            return domain.read(String.valueOf(within.least() + within.step() * random.nextInt((int) steps + 1)));
        }
        if (domain instanceof Domain.YesNo) {
            return domain.read(String.valueOf(random.nextBoolean()));
        }
        if (domain instanceof Domain.OneOf<?> oneOf) {
            return domain.read(written(oneOf, random));
        }
        if (domain instanceof Domain.Ratios) {
            return domain.read((1 + random.nextInt(9)) + ":" + (1 + random.nextInt(5)));
        }
        if (domain instanceof Domain.Widths) {
            return domain.read(
                    random.nextBoolean()
                            ? "most " + (200 + random.nextInt(1500))
                            : "share " + (30 + random.nextInt(70)));
        }
        if (domain instanceof Domain.Languages languages) {
            return domain.read(languages
                    .offered()
                    .get(random.nextInt(languages.offered().size()))
                    .tag());
        }
        return option.usual();
    }

    private static <E> String written(Domain.OneOf<E> oneOf, Random random) {
        return oneOf.write(oneOf.values().get(random.nextInt(oneOf.values().size())));
    }

    private static Map<String, Measured> at(Layout layout, double width) {
        Map<String, Measured> boxes = new HashMap<>();
        layout.at(width, 800)
                .forEach(box -> assertThat(boxes.put(box.name(), box))
                        .as("%s stands once", box.name())
                        .isNull());
        return boxes;
    }

    @ParameterizedTest
    @MethodSource("arrangements")
    void controlsStandInsideTheFrameAndNeverOnEachOther(Arrangement kind) {
        Random random = new Random(4);
        for (int round = 0; round < 150; round++) {
            Any any = any(kind, random);
            double width = 320 + random.nextDouble() * 2240;
            Map<String, Measured> boxes = at(any.layout(), width);
            Measured frame = boxes.get("frame");
            assertThat(frame.x()).isGreaterThanOrEqualTo(-EXACT);
            assertThat(frame.x() + frame.width()).isLessThanOrEqualTo(width + EXACT);
            String what = kind.word() + " round " + round + " at " + width;
            if (frame.width() < Widths.NARROWEST) {
                continue;
            }
            controlsHaveRoom(boxes, what);
            for (Measured one : controls(boxes)) {
                SetUp setUp = any.layout().range(width).setUp();
                double chosen = any.reel().choices().get(SteeringOptions.ARROWS_SIZE, setUp);
                double side = one.name().matches("dot-.*|count")
                        ? 24
                        : one.name().equals("pause") ? 44 : Math.max(44, chosen);
                assertThat(one.height()).as(what).isEqualTo(side);
                assertThat(one.width()).as(what).isGreaterThanOrEqualTo(side - EXACT); // parts of a line are wider
            }
        }
    }

    private static List<Measured> controls(Map<String, Measured> boxes) {
        return boxes.values().stream()
                .filter(box -> box.name().matches("arrow-.*|dot-.*|count|pause"))
                .toList();
    }

    private static void controlsHaveRoom(Map<String, Measured> boxes, String what) {
        List<Measured> controls = controls(boxes);
        for (int i = 0; i < controls.size(); i++) {
            inside(
                    controls.get(i),
                    boxes.get("frame"),
                    what + ": " + controls.get(i).name());
            for (int j = 0; j < i; j++) {
                assertThat(overlap(controls.get(i), controls.get(j)))
                        .as(
                                "%s: %s and %s",
                                what, controls.get(i).name(), controls.get(j).name())
                        .isLessThan(1e-3);
            }
        }
    }

    private static void inside(Measured one, Measured frame, String what) {
        assertThat(one.x()).as(what).isGreaterThanOrEqualTo(frame.x() - EXACT);
        assertThat(one.x() + one.width()).as(what).isLessThanOrEqualTo(frame.x() + frame.width() + EXACT);
        assertThat(one.y()).as(what).isGreaterThanOrEqualTo(frame.y() - EXACT);
        assertThat(one.y() + one.height()).as(what).isLessThanOrEqualTo(frame.y() + frame.height() + EXACT);
    }

    /** Ratios from the flattest to the tallest, every whole width, few slides and many, by themselves or not. */
    @ParameterizedTest
    @ValueSource(strings = {"single", "row"})
    void controlsHaveRoomInEveryRatioAtEveryWidth(String word) {
        for (double ratio : new double[] {12, 9.5, 8, 6.4, 5, 4, 3, 2.4, 16 / 9.0, 1, 0.5}) {
            for (int slides : new int[] {2, 4, 9, 40}) {
                for (boolean moves : new boolean[] {false, true}) {
                    Reel reel = Sample.choose(Sample.reel(word, slides), ShapeOptions.RATIO, new Ratio(ratio, 1));
                    reel = Sample.choose(reel, MotionOptions.AUTOPLAY, moves);
                    int[] sizes = IntStream.range(0, 2 * slides).map(i -> 1000).toArray();
                    Layout layout = Layout.of(reel, Sample.facts(sizes));
                    for (int width = 280; width <= 2560; width += 7) {
                        String what = word + " " + ratio + ":1 of " + slides + " at " + width;
                        controlsHaveRoom(at(layout, width + 0.02), what); // on either side of whole px
                    }
                }
            }
        }
    }

    /**
     * Read from right to left, everything stands as far from the right edge as it stood from the left one; what a picture
     * shows is not turned round.
     */
    @ParameterizedTest
    @MethodSource("arrangements")
    void aRightToLeftReelIsTheSameTurnedRound(Arrangement kind) {
        Random random = new Random(11);
        for (int round = 0; round < 80; round++) {
            Any any = any(kind, random);
            Layout ltr = Layout.of(in(any.reel(), "de"), any.facts());
            Layout rtl = Layout.of(in(any.reel(), "ar"), any.facts());
            double width = 280 + random.nextDouble() * 2280;
            Map<String, Measured> one = at(ltr, width);
            Map<String, Measured> other = at(rtl, width);
            // a cell that is cut off shows its picture's other side
            String shown = "picture-.*|divider.*|handle.*|label-.*";
            assertThat(without(other, shown)).as("round %s", round).isEqualTo(without(one, shown));
            one.keySet().retainAll(other.keySet());
            String where = kind.word() + " round " + round + " at " + width + ": ";
            one.forEach((name, box) -> {
                Measured turned = other.get(name);
                String what = where + name;
                if (name.matches(shown) && box.corners() != null) {
                    return; // what stands in depth is seen from another side
                }
                assertThat(turned.width()).as(what).isCloseTo(box.width(), within(EXACT));
                assertThat(turned.y()).as(what).isCloseTo(box.y(), within(EXACT));
                if (name.matches(shown)) {
                    String cell = name.matches("picture-.*") ? "slide-" + name.replaceAll("\\D", "") : "";
                    if (!cell.isEmpty()) {
                        assertThat(turned.x() - other.get(cell).x())
                                .as(what)
                                .isCloseTo(box.x() - one.get(cell).x(), within(1e-5));
                    }
                } else {
                    assertThat(turned.x()).as(what).isCloseTo(width - box.x() - box.width(), within(1e-5));
                }
            });
            boolean movesDown = kind.motion(any.reel()).upright();
            assertThat(rtl.stride(rtl.usual(SetUp.DESK)).at(width))
                    .isEqualTo((movesDown ? 1 : -1)
                            * ltr.stride(ltr.usual(SetUp.DESK)).at(width));
        }
    }

    private static java.util.Set<String> without(Map<String, Measured> boxes, String names) {
        java.util.Set<String> left = new java.util.TreeSet<>(boxes.keySet());
        left.removeIf(name -> name.matches(names));
        return left;
    }

    private static Reel in(Reel reel, String language) {
        return reel.withChoices(reel.choices().with(Options.LANGUAGE, null, new Language(language)));
    }

    private static double overlap(Measured a, Measured b) {
        double across = Math.min(a.x() + a.width(), b.x() + b.width()) - Math.max(a.x(), b.x());
        double down = Math.min(a.y() + a.height(), b.y() + b.height()) - Math.max(a.y(), b.y());
        return Math.max(0, across) * Math.max(0, down);
    }

    /** Within a set-up nothing jumps: half a pixel more of width moves no edge of frame or slides by more than a few. */
    @ParameterizedTest
    @MethodSource("arrangements")
    void withinASetUpEverythingChangesContinuously(Arrangement kind) {
        Random random = new Random(5);
        for (int round = 0; round < 60; round++) {
            Any any = any(kind, random);
            Layout layout = any.layout();
            for (int step = 0; step < 30; step++) {
                double width = 300 + random.nextDouble() * 2200;
                SetUp setUp = layout.range(width).setUp();
                if (!layout.range(width).equals(layout.range(width + 0.5)) || layout.isHidden(setUp)) {
                    continue;
                }
                Map<String, Measured> before = at(layout, width);
                Map<String, Measured> after = at(layout, width + 0.5);
                double high = before.get("frame").height();
                if (before.get("frame").width() < Widths.NARROWEST) {
                    continue;
                }
                double below = Math.max( // so many slides stand one below another, or so much higher than wide it is
                        Math.ceil(high / before.get("slide-1").height()),
                        high / before.get("frame").width() / 5);
                double under = after.get("frame").height() - before.get("frame").height();
                if (Math.abs(Math.abs(under) - 58) < 13) {
                    continue; // here controls change over to the line below
                }
                for (String name : List.of("frame", "slide-1", "pause", "arrow-next", "dot-1", "words-1")) {
                    Measured one = before.get(name);
                    Measured other = after.get(name);
                    if (one != null && other != null) {
                        String what = kind.word() + " round " + round + " at " + width + ": " + name;
                        assertThat(other.width()).as(what).isCloseTo(one.width(), within(0.51));
                        assertThat(other.height()).as(what).isCloseTo(one.height(), within(2.6 * below));
                        boolean changesOver = name.equals("arrow-next") && Math.abs(other.y() - one.y()) > 20;
                        if (!changesOver) {
                            assertThat(other.y()).as(what).isCloseTo(one.y(), within(2.6 * below));
                        }
                    }
                }
            }
        }
    }

    /** Those in which all slides are equal. */
    static List<Arrangement> alike() {
        return cells().stream()
                .filter(kind -> kind.own().stream().noneMatch(Option::bySlide))
                .toList();
    }

    /** Every slide of a reel is equally high, whatever it carries and says, so that the page never jumps. */
    @ParameterizedTest
    @MethodSource("alike")
    void allSlidesAreEquallyHigh(Arrangement kind) {
        Random random = new Random(6);
        for (int round = 0; round < 80; round++) {
            Any any = any(kind, random);
            for (Range range : any.layout().ranges()) {
                List<Placed> slides = find(range.frame(), What.SLIDE);
                assertThat(slides).hasSize(any.reel().slides().size());
                double height = slides.get(0).box().height().at(700);
                for (Placed slide : slides) {
                    assertThat(slide.box().height().at(700)).isCloseTo(height, within(EXACT));
                }
            }
        }
    }

    /** No slide that is seen lies on another one in the same plane, and where there is a gap it is kept on all sides. */
    @ParameterizedTest
    @MethodSource("arrangements")
    void slidesNeverLieOnOneAnother(Arrangement kind) {
        Random random = new Random(9);
        for (int round = 0; round < 40; round++) {
            Any any = any(kind, random);
            for (Range range : any.layout().ranges()) {
                double from = range.span().narrowest();
                for (double width : new double[] {from, Math.min(range.span().below(), 2600) - 0.01}) {
                    List<Box> seen = find(range.frame(), What.SLIDE).stream()
                            .filter(slide -> slide.room().at(width) >= 0 && slide.depth() == null)
                            .map(LayoutPropertiesTest::apart)
                            .toList();
                    double gap = range.gap().at(width) - EXACT;
                    for (int i = 0; i < seen.size(); i++) {
                        for (int j = 0; j < i; j++) {
                            assertThat(apart(seen.get(i), seen.get(j), width)).isGreaterThanOrEqualTo(gap);
                        }
                    }
                }
            }
        }
    }

    /** What of a slide others keep away from: all of it, or its large word. */
    private static Box apart(Placed slide) {
        return slide.inside().stream()
                .filter(part -> part.part().what() == What.WORD)
                .findFirst()
                .orElse(slide)
                .box();
    }

    /** How far two boxes are from one another, along the axis on which they are further; below 0 where one lies on the other. */
    private static double apart(Box one, Box other, double width) {
        double across = Math.max(one.left().at(width), other.left().at(width))
                - Math.min(
                        one.left().plus(one.width()).at(width),
                        other.left().plus(other.width()).at(width));
        double down = Math.max(one.top().at(width), other.top().at(width))
                - Math.min(
                        one.top().plus(one.height()).at(width),
                        other.top().plus(other.height()).at(width));
        return Math.max(across, down);
    }

    private static List<Placed> find(Placed placed, What... what) {
        return placed.all()
                .filter(one -> List.of(what).contains(one.part().what()))
                .toList();
    }

    /** A picture that fills its frame leaves no blank anywhere, at any width, with any focal point. */
    @ParameterizedTest
    @MethodSource("cells")
    void aFilledFrameHasNoBlank(Arrangement kind) {
        Random random = new Random(7);
        for (int round = 0; round < 80; round++) {
            Any any = any(kind, random);
            Reel filled = any.reel()
                    .withSlides(any.reel().slides().stream()
                            .map(slide -> slide.withChoices(Choices.USUAL))
                            .toList());
            for (SetUp setUp : SetUp.values()) {
                filled = filled.withChoices(filled.choices().with(ShapeOptions.FIT, setUp, FitKind.FILL));
            }
            Layout layout = Layout.of(filled, any.facts());
            double width = 280 + random.nextDouble() * 1700;
            for (Placed crop : find(layout.range(width).frame(), What.CROP)) {
                for (Placed drawn : find(crop, What.PICTURE, What.INSTEAD)) {
                    assertThat(drawn.box().left().at(width)).isLessThanOrEqualTo(EXACT);
                    assertThat(drawn.box().top().at(width)).isLessThanOrEqualTo(EXACT);
                    assertThat(drawn.box().left().at(width)
                                    + drawn.box().width().at(width))
                            .isGreaterThanOrEqualTo(crop.box().width().at(width) - EXACT);
                    assertThat(drawn.box().top().at(width)
                                    + drawn.box().height().at(width))
                            .isGreaterThanOrEqualTo(crop.box().height().at(width) - EXACT);
                }
            }
        }
    }

    /** Words on a picture stay clear of the arrows beside them and of the dots below them. */
    @ParameterizedTest
    @CsvSource({
        "390, SIDES",
        "820, SIDES",
        "2000, SIDES",
        "390, OUTSIDE",
        "1280, OUTSIDE",
        "390, CORNER",
        "1280, CORNER"
    })
    void wordsStayClearOfControls(double width, ArrowsPlace arrows) {
        for (WordsPlace place : WordsPlace.values()) {
            Map<PictureId, PictureFacts> facts = new HashMap<>();
            Map<PictureId, PictureWords> words = new HashMap<>();
            List<Slide> slides = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                PictureId id = picture(facts, "p" + i, new Random(i));
                words.put(id, new PictureWords("Title", "Text", "", ""));
                slides.add(Slide.of(new SlideId("s" + i), new Carries.Picture(id)));
            }
            Reel reel = Reel.named("Words").withSlides(slides);
            reel = reel.withChoices(reel.choices()
                    .with(MotionOptions.AUTOPLAY, null, true)
                    .with(ShapeOptions.RATIO, null, new Ratio(3, 2))
                    .with(SteeringOptions.ARROWS_PLACE, null, arrows)
                    .with(SteeringOptions.ARROWS_SIZE, null, 60.0)
                    .with(Options.WORDS_PLACE, null, place));
            Map<String, Measured> boxes = at(Layout.of(reel, new Facts(facts, words, (a, b, c) -> 50)), width);
            Measured area = boxes.get("words-1");
            if (place == WordsPlace.NOWHERE) {
                assertThat(area).isNull();
                continue;
            }
            assertThat(area.width()).as(place.name()).isGreaterThan(100);
            boxes.values().stream()
                    .filter(box -> box.name().matches("arrow-.*|dot-.*|count|pause"))
                    .forEach(control -> assertThat(overlap(area, control))
                            .as(place + " and " + control.name())
                            .isZero());
        }
    }
}
