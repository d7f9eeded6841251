package com.keenreel.app.bench;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.Layout;
import com.keenreel.core.arrangement.Starter;
import com.keenreel.core.option.Colour;
import com.keenreel.core.option.ControlsLook;
import com.keenreel.core.option.Domain;
import com.keenreel.core.option.Language;
import com.keenreel.core.option.LookOptions;
import com.keenreel.core.option.MotionOptions;
import com.keenreel.core.option.Option;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Extent;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.Mosaic;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits.Inked;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Slide;
import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Slot;
import com.keenreel.core.reel.Tones;
import com.keenreel.core.reel.Words;
import com.keenreel.core.space.Facts;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BriefTest {
    private static Reel reel(Starter starter, int pictures) {
        List<PictureId> ids = new ArrayList<>();
        for (int i = 0; i < pictures; i++) {
            ids.add(new PictureId("p" + i));
        }
        int[] next = {0};
        return starter.make("Brief", Slot.read("box 960"), ids, () -> new SlideId("s" + next[0]++));
    }

    private static List<Brief.Column> brief(Reel reel) {
        return brief(reel, 300, 100);
    }

    /** The brief of a reel whose pictures have that size. */
    private static List<Brief.Column> brief(Reel reel, int width, int height) {
        return brief(reel, id -> new PictureFacts(id, width, height, FocalPoint.CENTRE));
    }

    private static List<Brief.Column> brief(Reel reel, Function<PictureId, PictureFacts> of) {
        Map<PictureId, PictureFacts> facts = new HashMap<>();
        reel.pictures().forEach(id -> facts.put(id, of.apply(id)));
        Facts all = new Facts(facts, Map.of(), (text, bold, size) -> 50);
        return Brief.of(reel, Layout.of(reel, all), all);
    }

    private static List<Brief.Column> brief(Starter starter, int pictures) {
        return brief(reel(starter, pictures));
    }

    private static String read(List<Brief.Column> brief, String title) {
        return brief.stream()
                .filter(column -> column.title().equals(title))
                .flatMap(column -> column.sentences().stream())
                .map(BriefTest::read)
                .collect(Collectors.joining(" "));
    }

    /** What stands in brackets can be pressed; what is usual, and folded away at first, stands in braces. */
    private static String read(Sentence.Said sentence) {
        String read = sentence.tokens().stream()
                .map(token -> (token.control() != null
                                ? "[" + token.control().label() + "]"
                                : token.pressed() ? "[" + token.text() + "]" : token.text())
                        + token.mark())
                .collect(Collectors.joining());
        return sentence.usual() ? "{" + read + "}" : read;
    }

    @Test
    void aLogoThatIsAbsurdlyNarrowIsSaid() {
        assertThat(read(brief(reel(Arrangements.starter("marquee"), 2), 2, 400), "Shape"))
                .contains("Slides 1, 2 are so narrow at this height on desk that nobody sees what they show.");
        assertThat(read(brief(Arrangements.starter("marquee"), 2), "Shape")).doesNotContain("narrow");
    }

    @Test
    void whereAllIsInSightThereIsNothingToGoOnTo() {
        assertThat(read(brief(Arrangements.starter("banner"), 1), "Motion"))
                .contains("Goes on [by itself]; but all its slides are in sight, so there is nothing to go on to.");
        assertThat(read(brief(Arrangements.starter("banner"), 1), "Steering"))
                .contains("[swipe] and [keys].")
                .doesNotContain("pause button");
        Reel row = reel(Arrangements.starter("row"), 3);
        row = row.withChoices(row.choices().with(MotionOptions.AUTOPLAY, null, true));
        assertThat(read(brief(row), "Motion")).as("on a phone it goes on").contains("Goes on [by itself], [onward]");
    }

    @Test
    void colourOfControlsThatCannotBeSeenOnAnyPictureIsSaidWithWhatCan() {
        Reel banner = reel(Arrangements.starter("banner"), 3);
        Reel own = banner.withChoices(banner.choices()
                .with(LookOptions.CONTROLS, null, ControlsLook.OWN)
                .with(LookOptions.CONTROLS_DENSE, null, 10.0));
        assertThat(read(brief(own), "Look"))
                .contains("Controls are [#FFFFFF] on [#16241E], [10 %] dense.")
                .contains("told apart by only 1.2:1, where 3:1 is needed: [48 % dense] can be seen on any.");
        Reel beige = own.withChoices(own.choices()
                .with(LookOptions.CONTROLS_DENSE, null, 90.0)
                .with(LookOptions.CONTROLS_GROUND, SetUp.PHONE, new Colour("#c8beb4")));
        assertThat(read(brief(beige), "Look"))
                .containsOnlyOnce("is needed")
                .contains("On phone, on some pictures", "needed: [#16241E on it] can be seen on any.");
        Reel thin = beige.withChoices(beige.choices().with(LookOptions.CONTROLS_DENSE, null, 10.0));
        assertThat(read(brief(thin), "Look"))
                .contains("needed: [#16241E on it] can be told from it, once it is denser.");
        assertThat(read(brief(banner), "Look")).doesNotContain("is needed");

        Mosaic dark = new Mosaic(Collections.nCopies(
                Mosaic.SIDE * Mosaic.SIDE, new Extent(new Colour("#000000"), new Colour("#b0b0b0"))));
        Tones tones = new Tones(Colour.DARK, List.of(), dark);
        assertThat(read(
                        brief(own, id -> new PictureFacts(id, 1600, 900, FocalPoint.CENTRE, Inked.ALL, false, tones)),
                        "Look"))
                .as("on dark pictures little is missing")
                .contains("On these pictures they are told apart by only")
                .contains("where 3:1 is needed: [")
                .contains("dense] can be seen on all of them.");
        Reel denser = own.withChoices(own.choices().with(LookOptions.CONTROLS_DENSE, null, 46.0));
        assertThat(read(brief(denser), "Look")).contains("On some pictures");
        assertThat(read(
                        brief(
                                denser,
                                id -> new PictureFacts(id, 1600, 900, FocalPoint.CENTRE, Inked.ALL, false, tones)),
                        "Look"))
                .doesNotContain("is needed");
    }

    @Test
    void aBannerIsSaidInSentences() {
        List<Brief.Column> brief = brief(Arrangements.starter("banner"), 5);
        assertThat(read(brief, "Shape"))
                .startsWith(
                        "Shows [one slide at a time], [filling its place]; its place on the page is [a box of 960 px]. "
                                + "Its frame is [12:5] (on tablet [16:9], on phone [4:5]). {Its height goes [by its ratio].} ")
                .contains(
                        "{In a place that it does not fill it would stand [in the middle].} {Pictures [fill the frame] around their focal point.}")
                .endsWith("{The reel is [shown].}");
        assertThat(read(brief, "Motion"))
                .isEqualTo("Changes by [crossfade] in [0.8 s], [gently]. {The slide before [gives way to it].} "
                        + "{While a slide stands, its pictures [stand still].} {Videos [play again and again].} {The colour between slides is [#16241E].} "
                        + "Each slide stands [5.0 s]. Goes on [by itself], [onward], [without end]; it [waits] while pointed at. "
                        + "{It begins [0.0 s] late, and once a visitor takes over it rests [for good].} "
                        + "{At its end it [stays where it is].} {When it is scrolled into sight it [is there].} {Slides come [in this order].} "
                        + "{Dividers of comparisons would [stand still].} "
                        + "{They would go to [80 %], then to [20 %], and are back after [6.0 s].}");
        assertThat(read(brief, "Steering"))
                .isEqualTo("{Dividers of comparisons would be moved by keys and by [dragging anywhere on it].} "
                        + "{It goes on by itself, and visitors [steer it too].} Visitors use [arrows] (on phone [no arrows]), [dots], [swipe] and [keys], and a pause button. "
                        + "{Arrows are [an angle] on [44 px], stand [on the picture, at its sides] and are seen [always].} "
                        + "{In pictures of your own the arrow onward would be [an angle, until you pick one], the one back [the same turned round].} {Visitors get [no thumbnails].} {Thumbnails would stand [below the slides], [64 px] in size and [3:2] in shape, [8 px] apart.} {The current one would have [3 px] of border, others are [40 %] paler; they are seen [always].} {Visitors also get [no wheel], [no full screen] and [no switch of the fit].} {Stops are marked by [dots].} {A press [on its button] follows its link; on a picture without one it [does nothing].} "
                        + "{Which picture is seen in the larger view stands [not in the page's address].} "
                        + "{Its language is [English]. Those who listen hear [the usual words].}");
        assertThat(read(brief, "Look")).startsWith("{Controls are ").endsWith(".}");
        assertThat(brief)
                .extracting(Brief.Column::rest)
                .containsExactly(
                        "And the rest as usual",
                        "And the rest as usual",
                        "And the rest as usual",
                        "And the rest as usual",
                        "All as usual");
    }

    @Test
    void aMarqueeSaysHowLongALapTakes() {
        // five logos of 168 px and a gap of 56 make 1120 px at 60 px/s
        assertThat(read(brief(Arrangements.starter("marquee"), 5), "Motion"))
                .isEqualTo(
                        "The band moves [to the left] at [60 px/s], the same on every screen. "
                                + "A lap takes 18.7 s on desk. {It [stops] while it is pointed at.} {When it is scrolled into sight it [is there].}");
        assertThat(brief(Arrangements.starter("marquee"), 5))
                .extracting(Brief.Column::title)
                .doesNotContain("Words");
    }

    @Test
    void aRightToLeftReelSaysItsSidesAsTheyAre() {
        Reel reel = reel(Arrangements.starter("marquee"), 5);
        Reel arabic = reel.withChoices(reel.choices().with(Options.LANGUAGE, null, new Language("ar")));
        assertThat(read(brief(arabic), "Motion")).startsWith("The band moves [to the right]");
        assertThat(read(brief(arabic), "Steering"))
                .contains("[Arabic], read from right to left. Those who listen hear [the usual words].");
        Reel unknown = reel.withChoices(reel.choices().with(Options.LANGUAGE, null, new Language("gv")));
        assertThat(read(brief(unknown), "Steering")).contains("Keen Reel has no words of it");
        Reel reworded = arabic.withChoices(arabic.choices().with(Options.wording(Phrase.PAUSE), null, "قف"));
        assertThat(read(brief(reworded), "Steering")).contains("hear [the usual words] but for [“قف”].");
        assertThat(brief(reworded).get(2).sentences().get(1).tokens().stream()
                        .flatMap(token -> token.together().stream()))
                .extracting(Control::label)
                .containsExactly("“قف”", "“تشغيل”");
    }

    @Test
    void wordsThatAreCutOffAreSaidWithTheLinesThatTheyNeed() {
        Reel reel = reel(Arrangements.starter("comparison"), 4);
        List<Slide> slides = new ArrayList<>(reel.slides());
        String text = "word ".repeat(60).strip();
        slides.set(1, slides.get(1).withWords(slides.get(1).words().with(Words.Field.TEXT, text)));
        Map<PictureId, PictureFacts> facts = new HashMap<>();
        reel.pictures().forEach(id -> facts.put(id, new PictureFacts(id, 300, 100, FocalPoint.CENTRE)));
        Facts all = new Facts(facts, Map.of(), (line, bold, size) -> 8.0 * line.length());
        Reel said = reel.withSlides(slides);
        assertThat(read(Brief.of(said, Layout.of(said, all), all), "Words"))
                .contains(
                        "On tablet the text of slide 2 is cut off: [keep 4 lines].",
                        "On phone the text of slide 2 is cut off: [keep 8 lines].");
        Reel kept = said.withChoices(said.choices().with(Options.TEXT_LINES, SetUp.TABLET, 4));
        assertThat(read(Brief.of(kept, Layout.of(kept, all), all), "Words")).doesNotContain("On tablet the text");
        assertThat(read(Brief.of(reel, Layout.of(reel, all), all), "Words")).doesNotContain("cut off");
    }

    @Test
    void dotsThatFindNoRoomAreSaid() {
        assertThat(read(brief(Arrangements.starter("banner"), 9), "Steering"))
                .contains("On phone there is no room for 9 dots; they are left out.");
        assertThat(read(brief(Arrangements.starter("banner"), 5), "Steering")).doesNotContain("no room");
    }

    /** What has an effect in an arrangement can be set there, and nothing else is offered. */
    @ParameterizedTest
    @MethodSource("com.keenreel.core.arrangement.Arrangements#starters")
    void offersWhatHasAnEffect(Starter starter) {
        List<Brief.Column> brief = brief(starter, 6);
        Set<String> offered = new HashSet<>();
        for (Brief.Column column : brief) {
            column.sentences()
                    .forEach(sentence -> sentence.tokens().forEach(token -> {
                        List<Control> controls = token.control() == null ? token.together() : List.of(token.control());
                        for (Control control : controls) {
                            offered.add(control.option());
                            assertThat(control.label()).isNotBlank();
                            assertThat(control.meaning()).endsWith(".");
                            assertThat(control.number() != null
                                            || !control.choices().isEmpty()
                                            || List.of("width", "colour", "ratio", "slot", "wording")
                                                    .contains(control.kind()))
                                    .as(control.option())
                                    .isTrue();
                        }
                    }));
        }
        for (Option<?> option : Arrangements.options()) {
            boolean concerns = Arrangements.of(reel(starter, 2)).has(option);
            if (!(option.domain() instanceof Domain.Wording)) {
                assertThat(offered.contains(option.key()))
                        .as(option.key() + " in " + starter)
                        .isEqualTo(concerns);
            }
        }
        assertThat(offered).contains("arrangement", "shape.width", "shape.tablet-from");
    }
}
