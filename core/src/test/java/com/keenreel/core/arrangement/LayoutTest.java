package com.keenreel.core.arrangement;

import static com.keenreel.core.Sample.choose;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import com.keenreel.core.Sample;
import com.keenreel.core.arrangement.marquee.MarqueeOptions;
import com.keenreel.core.arrangement.marquee.MarqueePlaces;
import com.keenreel.core.arrangement.row.RowOptions;
import com.keenreel.core.edit.SetOption;
import com.keenreel.core.option.BySetUp;
import com.keenreel.core.option.FitKind;
import com.keenreel.core.option.MarkKind;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Ratio;
import com.keenreel.core.option.ReelWidth;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.ShapeOptions;
import com.keenreel.core.option.SteeringOptions;
import com.keenreel.core.option.WordsPlace;
import com.keenreel.core.reel.Carries;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Facts;
import com.keenreel.core.space.FluidSize;
import com.keenreel.core.space.Length;
import com.keenreel.core.space.Measured;
import com.keenreel.core.space.Moment;
import com.keenreel.core.space.PairBoxes;
import com.keenreel.core.space.Part;
import com.keenreel.core.space.Range;
import com.keenreel.core.space.Widths;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LayoutTest {
    private static Measured box(List<Measured> boxes, String name) {
        return boxes.stream()
                .collect(Collectors.toMap(Measured::name, Function.identity()))
                .get(name);
    }

    @ParameterizedTest
    @CsvSource({"1280, 3, 24, 0, 410.666667", "390, 1, 16, 15, 325.217391", "820, 2, 20, 25, 346.666667"})
    void aRowsItem(double width, int shown, double gap, double part, double item) {
        Reel reel = Sample.reel("row", 9);
        reel = choose(choose(choose(reel, RowOptions.SHOWN, shown), ShapeOptions.GAP, gap), RowOptions.PART, part);
        Layout layout =
                Layout.of(reel, Sample.facts(90, 60, 90, 60, 90, 60, 90, 60, 90, 60, 90, 60, 90, 60, 90, 60, 90, 60));
        List<Measured> boxes = layout.at(width, 800);
        assertThat(box(boxes, "slide-1").width()).isCloseTo(item, within(1e-6));
        assertThat(layout.range(width).stops()).hasSize(9 - shown + 1);
        long seen =
                boxes.stream().filter(one -> one.name().startsWith("slide-")).count();
        assertThat(seen).isEqualTo((long) (part == 0 ? shown : shown + 1));
    }

    /** A phone shows a picture of 2:1 in a frame of 4:5: drawn as high as the frame, 1000 wide, cut around its own focus. */
    @Test
    void aSetUpShowsAnotherPictureCutAroundItsOwnFocalPoint() {
        Reel reel = choose(
                choose(Sample.reel("single", 1), ShapeOptions.RATIO, new Ratio(16, 9)),
                ShapeOptions.RATIO,
                SetUp.PHONE,
                new Ratio(4, 5));
        Slide slide = reel.slides()
                .get(0)
                .withInstead(BySetUp.<PictureId>nothing().with(SetUp.PHONE, new PictureId("p2")))
                .withFocal(BySetUp.of(new FocalPoint(0, 0)));
        Layout layout = Layout.of(reel.withSlides(List.of(slide)), Sample.facts(900, 900, 2000, 1000));
        Measured phone = box(layout.at(400, 800), "picture-1");
        assertThat(phone.height()).isCloseTo(500, within(1e-9));
        assertThat(phone.width()).isCloseTo(1000, within(1e-9));
        assertThat(phone.x()).as("the focal point for all is not meant for it").isCloseTo(-300, within(1e-9));
        Measured desk = box(layout.at(1280, 800), "picture-1");
        assertThat(desk.width()).isCloseTo(1280, within(1e-9));
        assertThat(desk.y()).isCloseTo(0, within(1e-9));
        Measured own = box(
                Layout.of(
                                reel.withSlides(List.of(
                                        slide.withFocal(slide.focal().with(SetUp.PHONE, new FocalPoint(1, 0.5))))),
                                Sample.facts(900, 900, 2000, 1000))
                        .at(400, 800),
                "picture-1");
        assertThat(own.x()).isCloseTo(-600, within(1e-9));
    }

    @Test
    void aMarqueesLapHasOneGapAtItsSeam() {
        Reel reel = choose(choose(Sample.reel("marquee", 4), MarqueeOptions.HEIGHT, 50.0), ShapeOptions.GAP, 40.0);
        Layout layout = Layout.of(reel, Sample.facts(240, 80, 100, 100, 320, 64, 160, 120));
        List<Measured> boxes = layout.at(1280, 800);
        assertThat(box(boxes, "slide-1").width()).isCloseTo(150, within(1e-9));
        assertThat(box(boxes, "slide-3").width()).isCloseTo(250, within(1e-9));
        assertThat(box(boxes, "slide-4").width()).isCloseTo(66.666667, within(1e-6));
        double lap = layout.usual(SetUp.DESK).step().at(1280);
        assertThat(lap).isCloseTo(676.666667, within(1e-6));
        Measured last = box(boxes, "slide-4");
        assertThat(lap - (last.x() + last.width())).isCloseTo(40, within(1e-9));
        assertThat(MarqueePlaces.copies(1280, lap)).isEqualTo(3);
        assertThat(MarqueePlaces.copies(2560, lap)).isEqualTo(5);
    }

    @Test
    void aMarqueeIsAsFarAsItsSpeedTakesItAfterATime() {
        Reel reel = choose(choose(Sample.reel("marquee", 4), MarqueeOptions.HEIGHT, 50.0), ShapeOptions.GAP, 40.0);
        reel = choose(reel, MarqueeOptions.SPEED, 60.0);
        Layout layout = Layout.of(reel, Sample.facts(240, 80, 100, 100, 320, 64, 160, 120));
        double third = 150 + 40 + 50 + 40; // where the third logo begins
        assertThat(box(layout.at(1280, new Moment(800, 5_000, null)), "slide-3").x())
                .isCloseTo(third - 300, within(1e-9));
        double lap = 676 + 2 / 3.0;
        assertThat(box(layout.at(1280, new Moment(800, 1000 * lap / 60 + 1_000, null)), "slide-3")
                        .x())
                .as("a lap later")
                .isCloseTo(third - 60, within(1e-6));
        Layout turned = Layout.of(
                choose(reel, Options.LANGUAGE, Options.LANGUAGE.domain().read("ar")),
                Sample.facts(240, 80, 100, 100, 320, 64, 160, 120));
        assertThat(box(turned.at(1280, new Moment(800, 1_000, null)), "slide-1").x())
                .as("to the right where that is onward")
                .isCloseTo(1280 - 150 + 60, within(1e-9));
    }

    /** A mark of 2 by 400 is 0.25 px wide at a height of 50: 41 copies with wider gaps fill 2560 px, and it is said. */
    @Test
    void anAbsurdlyNarrowLogoMakesWiderGapsInsteadOfThousandsOfCopies() {
        Reel reel = choose(choose(Sample.reel("marquee", 2), MarqueeOptions.HEIGHT, 50.0), ShapeOptions.GAP, 0.0);
        Layout layout = Layout.of(reel, Sample.facts(2, 400, 60, 400));
        double lap = layout.usual(SetUp.DESK).step().at(0);
        assertThat(lap).isEqualTo(64);
        assertThat(MarqueePlaces.copies(MarqueePlaces.WIDEST, lap)).isEqualTo(MarqueePlaces.MOST_COPIES);
        List<Measured> boxes = layout.at(1280, 800);
        Measured first = box(boxes, "slide-1");
        Measured second = box(boxes, "slide-2");
        assertThat(first.width()).isCloseTo(0.25, within(1e-9));
        assertThat(second.x() - first.width())
                .isCloseTo(lap - second.x() - second.width(), within(1e-9))
                .isCloseTo((64 - 7.75) / 2, within(1e-9));
        assertThat(layout.usual(SetUp.DESK).narrow()).containsExactly(1, 2);
        assertThat(Layout.of(Sample.reel("marquee", 1), Sample.facts(240, 80))
                        .usual(SetUp.DESK)
                        .narrow())
                .isEmpty();
    }

    @Test
    void aPairIsCutByItsOwnFocalPointWhateverASetUpShowedInsteadBefore() {
        Reel reel = choose(Sample.reel("single", 1), ShapeOptions.RATIO, new Ratio(1, 1));
        Slide slide = reel.slides()
                .get(0)
                .withInstead(BySetUp.<PictureId>nothing().with(SetUp.PHONE, new PictureId("p3")))
                .withFocal(BySetUp.of(new FocalPoint(0, 0.5)))
                .withCarries(Carries.Pair.of(new PictureId("p1"), new PictureId("p2")));
        Layout layout = Layout.of(reel.withSlides(List.of(slide)), Sample.facts(2000, 1000, 2000, 1000, 900, 900));
        assertThat(box(layout.at(400, 800), "picture-1-after").x()).isZero();
        assertThat(box(layout.at(400, 800), "picture-1-before").x()).isZero();
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, -1})
    void whatIsNoWidthOrHeightIsRefusedWithASentence(double number) {
        Layout layout = Layout.of(Sample.reel("single", 1), Sample.facts(240, 80));
        assertThatThrownBy(() -> layout.at(number, 800)).hasMessage("A width is a number of px, 0 or more.");
        assertThatThrownBy(() -> layout.at(800, number)).hasMessage("A height is a number of px, 0 or more.");
    }

    @Test
    void aBandIsNeverWiderThanTheWidestAndStandsInTheMiddle() {
        Layout layout = Layout.of(Sample.reel("marquee", 1), Sample.facts(240, 80));
        Measured frame = box(layout.at(3000, 800), "frame");
        assertThat(frame.width()).isEqualTo(2560);
        assertThat(frame.x()).isEqualTo(220);
    }

    @Test
    void fractionalWidthsBelongToExactlyOneSetUp() {
        Reel reel = choose(Sample.reel("single", 1), ShapeOptions.RATIO, new Ratio(12, 5));
        reel = choose(
                choose(reel, ShapeOptions.RATIO, SetUp.PHONE, new Ratio(4, 5)),
                ShapeOptions.RATIO,
                SetUp.TABLET,
                new Ratio(16, 9));
        Layout layout = Layout.of(reel, Sample.facts(2000, 1333));
        assertThat(box(layout.at(599.5, 800), "frame").height()).isCloseTo(599.5 * 1.25, within(1e-9));
        assertThat(box(layout.at(600, 800), "frame").height()).isCloseTo(337.5, within(1e-9));
        assertThat(box(layout.at(1023.99, 800), "frame").height()).isCloseTo(1023.99 * 9 / 16, within(1e-9));
        assertThat(box(layout.at(1024, 800), "frame").height()).isCloseTo(1024 * 5 / 12.0, within(1e-9));
    }

    @Test
    void theSetUpFollowsTheReelsWidthNotItsSlots() {
        Reel reel = choose(Sample.reel("single", 1), ShapeOptions.WIDTH, new ReelWidth(0.5, Double.POSITIVE_INFINITY));
        Layout layout = Layout.of(reel, Sample.facts(2000, 1333));
        assertThat(layout.range(1199).setUp()).isEqualTo(SetUp.PHONE);
        assertThat(layout.range(1200).setUp()).isEqualTo(SetUp.TABLET);
        assertThat(layout.hostFrom(layout.usual(SetUp.TABLET).span())).isEqualTo(1200);
        Layout narrow =
                Layout.of(choose(reel, ShapeOptions.WIDTH, ReelWidth.read("most 560")), Sample.facts(2000, 1333));
        assertThat(narrow.range(2560).setUp()).isEqualTo(SetUp.PHONE);
        assertThat(narrow.hostFrom(narrow.usual(SetUp.TABLET).span())).isInfinite();
    }

    @Test
    void aPageGivesABoxItsMargins() {
        assertThat(Widths.slot(Slot.read("box 960")).at(1280)).isEqualTo(960);
        assertThat(Widths.slot(Slot.read("box 960")).at(390)).isEqualTo(350);
        assertThat(Widths.slot(Slot.FULL).at(390)).isEqualTo(390);
    }

    @Test
    void aSidesNameIsHiddenWhileTheDividerWouldCrossIt() {
        Facts facts = new Facts(
                Sample.facts(1600, 1067, 1600, 1067).pictures(),
                java.util.Map.of(),
                (text, bold, size) -> text.equals("Before") ? 72 - 2 * PairBoxes.PADDING : 58 - 2 * PairBoxes.PADDING);
        for (double[] expected : new double[][] {{87.9, 0, 1}, {88.1, 1, 1}, {745.9, 1, 1}, {746.1, 1, 0}}) {
            Carries.Pair pair =
                    new Carries.Pair(new PictureId("p1"), new PictureId("p2"), "Before", "After", expected[0] / 820);
            Reel reel = Reel.named("Pair").withSlides(List.of(Slide.of(new SlideId("a"), pair)));
            List<Measured> boxes = Layout.of(reel, facts).at(820, 800);
            assertThat(box(boxes, "label-before") == null ? 0 : 1)
                    .as("before at %s", expected[0])
                    .isEqualTo((int) expected[1]);
            assertThat(box(boxes, "label-after") == null ? 0 : 1)
                    .as("after at %s", expected[0])
                    .isEqualTo((int) expected[2]);
            assertThat(box(boxes, "divider").x()).isCloseTo(expected[0] - 1, within(1e-6));
        }
    }

    @Test
    void wordsBelowReserveTheSameLinesUnderEverySlide() {
        Reel reel =
                choose(choose(Sample.reel("row", 3), Options.WORDS_PLACE, WordsPlace.BELOW), Options.TITLE_LINES, 1);
        Reel spoken = reel.withSlides(List.of(
                reel.slides().get(0).withWords(Words.NONE.with(Words.Field.TITLE, "A very long title indeed")),
                reel.slides().get(1),
                reel.slides().get(2)));
        Facts facts = Sample.facts(90, 60, 60, 90, 60, 60);
        List<Measured> boxes = Layout.of(spoken, facts).at(1280, 800);
        assertThat(box(boxes, "words-1").height()).isEqualTo(12 + 24 + 4 + 44);
        assertThat(box(boxes, "words-3").height())
                .isEqualTo(box(boxes, "words-1").height());
        assertThat(box(boxes, "slide-3").height())
                .isEqualTo(box(boxes, "slide-1").height());
    }

    @Test
    void dotsGiveWayWhereThereIsNoRoomForThem() {
        Reel reel = Sample.reel("single", 12);
        int[] sizes = new int[24];
        java.util.Arrays.fill(sizes, 100);
        Layout layout = Layout.of(reel, Sample.facts(sizes));
        assertThat(box(layout.at(390, 800), "dot-1")).isNull();
        assertThat(box(layout.at(820, 800), "dot-12")).isNotNull();
        assertThat(layout.withoutDots()).extracting(Range::setUp).containsExactly(SetUp.PHONE);
    }

    @Test
    void typeGrowsBetweenTwoWidths() {
        Length size = FluidSize.between(18, 40);
        assertThat(size.at(820)).isCloseTo(28.6292, within(1e-4));
        assertThat(size.at(280)).isEqualTo(18);
        assertThat(size.at(1900)).isEqualTo(40);
        assertThat(size.css(Length.Base.CQI)).isEqualTo("max(18px, min(2.47191cqi + 8.359551px, 40px))");
    }

    @Test
    void aSlideMayFitItsPictureOtherwiseThanTheReelDoes() {
        Reel reel = choose(Sample.reel("row", 3), ShapeOptions.RATIO, new Ratio(1, 1));
        SlideId second = reel.slides().get(1).id();
        reel = new SetOption<>(ShapeOptions.FIT, second, SetUp.PHONE, FitKind.WHOLE).applyTo(reel);
        reel = new SetOption<>(ShapeOptions.FIT, second, null, FitKind.FILL).applyTo(reel);
        reel = new SetOption<>(ShapeOptions.FIT, SetUp.DESK, FitKind.WHOLE).applyTo(reel);
        Layout layout = Layout.of(reel, Sample.facts(200, 100, 200, 100, 200, 100));
        for (SetUp setUp : SetUp.values()) {
            for (int n = 1; n <= 3; n++) {
                double height = layout.usual(setUp)
                        .frame()
                        .boxOf(Part.picture(n))
                        .orElseThrow()
                        .height()
                        .at(900);
                double cell = layout.usual(setUp)
                        .frame()
                        .boxOf(Part.crop(n))
                        .orElseThrow()
                        .height()
                        .at(900);
                boolean whole = n == 2 ? setUp == SetUp.PHONE : setUp == SetUp.DESK;
                assertThat(height).as("slide %s on %s", n, setUp).isCloseTo(whole ? cell / 2 : cell, within(1e-9));
            }
        }
        Reel all = reel;
        assertThatThrownBy(() -> new SetOption<>(ShapeOptions.GAP, second, null, 8.0).applyTo(all))
                .hasMessage("\"shape.gap\" is the same for all slides.");
    }

    /** Five parts between 8 px and a pause button's 44 + 8 + 8 on either side: (1000 - 2 * 60) / 5 = 176 px each. */
    @Test
    void theLineOfStopsIsAsWideAsThereIsRoom() {
        Reel reel = choose(
                choose(Sample.reel("single", 5), MotionOptions.AUTOPLAY, true), SteeringOptions.MARKS, MarkKind.LINE);
        reel = choose(reel, SteeringOptions.ARROWS, false);
        Map<String, Measured> boxes =
                Layout.of(reel, Sample.facts(16, 9, 16, 9, 16, 9, 16, 9, 16, 9)).at(1000, 800).stream()
                        .collect(Collectors.toMap(Measured::name, Function.identity()));
        assertThat(boxes.get("dot-1").x()).isEqualTo(60);
        for (int n = 1; n <= 5; n++) {
            assertThat(boxes.get("dot-" + n).width()).isCloseTo(176, within(1e-9));
            assertThat(boxes.get("dot-" + n).height()).isEqualTo(24);
        }
        assertThat(boxes.get("dot-5").x() + 176).isCloseTo(940, within(1e-9));
    }
}
