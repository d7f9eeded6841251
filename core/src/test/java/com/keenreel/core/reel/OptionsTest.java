package com.keenreel.core.reel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.reel.Arrangement.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class OptionsTest {
    @Test
    void everyOptionReadsWhatItWritesAndSaysWhatItIs() {
        Set<String> keys = new HashSet<>();
        for (Option<?> option : Options.all()) {
            assertThat(keys.add(option.key())).as("%s stands once", option).isTrue();
            assertThat(option.meaning()).as(option.key()).endsWith(".");
            assertThat(option.arrangements()).as(option.key()).isNotEmpty();
            assertThat(Options.of(option.key())).isSameAs(option);
            roundTrip(option);
        }
        assertThat(keys).hasSizeGreaterThan(20);
        assertThatThrownBy(() -> Options.of("shape.colour-of-the-moon")).hasMessageContaining("nothing called");
    }

    private static <T> void roundTrip(Option<T> option) {
        Domain<T> domain = option.domain();
        assertThat(domain.read(domain.write(option.usual()))).as(option.key()).isEqualTo(option.usual());
        assertThat(domain.say(option.usual())).as(option.key()).isNotBlank();
        assertThatThrownBy(() -> domain.read("!?".repeat(41)))
                .as(option.key())
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .endsWith(".");
    }

    @ParameterizedTest
    @CsvSource({
        "en, LTR, English",
        "pt-br, LTR, Portuguese (Brazil)",
        "ar, RTL, Arabic",
        "he, RTL, Hebrew",
        "az-Arab, RTL, 'Azerbaijani (Arabic)'",
        "ar-Latn, LTR, 'Arabic (Latin)'",
        "ur-IN, RTL, Urdu (India)"
    })
    void aLanguageKnowsHowItIsRead(String tag, Direction direction, String name) {
        assertThat(new Language(tag).direction()).isEqualTo(direction);
        assertThat(new Language(tag).say()).isEqualTo(name);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", " ", "english please", "e", "de_DE", "12"})
    void whatIsNoLanguageTagIsRefusedWithASentence(String text) {
        assertThatThrownBy(() -> Options.LANGUAGE.domain().read(text)).hasMessageContaining("Write one such as en, de");
    }

    @Test
    void wordingsKeepTheirNumbersAndSidesAreTurnedRound() {
        assertThat(Phrase.place("{n} aus {count}", 2, 9)).isEqualTo("2 aus 9");
        Domain<String> position = Options.wording(Phrase.POSITION).domain();
        assertThat(position.read(" {n}/{count} ")).isEqualTo("{n}/{count}");
        assertThat(position.read("")).isEmpty();
        assertThatThrownBy(() -> position.read("Slide {n}")).hasMessageContaining("Keep {n} and {count}");
        assertThat(Direction.RTL.say("at the lower left -> to the right"))
                .isEqualTo("at the lower right -> to the left");
        assertThat(Direction.LTR.say("at the lower left")).isEqualTo("at the lower left");
    }

    @Test
    void limitsHoldAtBothEnds() {
        assertThat(Options.GAP.domain().read("160")).isEqualTo(160);
        assertThatThrownBy(() -> Options.GAP.domain().read("160.01")).hasMessage("160.01 is not within 0 to 160 px.");
        assertThatThrownBy(() -> Options.GAP.domain().read("-1")).hasMessage("-1 is not within 0 to 160 px.");
        assertThatThrownBy(() -> Options.GAP.domain().read("NaN")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Options.GAP.domain().read("Infinity")).isInstanceOf(RuntimeException.class);
    }

    @Test
    void numbersAreSaidWithTheirUnit() {
        assertThat(Options.HOLD.domain().say(5.0)).isEqualTo("5.0 s");
        assertThat(Options.SPEED.domain().say(60.0)).isEqualTo("60 px/s");
        assertThat(Options.SHOWN.domain().say(3.0)).isEqualTo("3");
        assertThat(Options.AUTOPLAY.domain().say(true)).isEqualTo("by itself");
    }

    @ParameterizedTest
    @ValueSource(strings = {"NaN", "Infinity", "-Infinity", "1e999"})
    void whatIsNoFiniteNumberIsRefusedWithASentence(String text) {
        assertThatThrownBy(() -> Options.HOLD.domain().read(text)).hasMessage("Write a number from 0.5 to 120 s.");
        assertThatThrownBy(() -> Ratio.read(text + ":" + text)).hasMessageContaining("such as 16:9");
        assertThatThrownBy(() -> ReelWidth.read("most " + text)).hasMessageStartingWith("Write the width");
        assertThatThrownBy(() -> ReelWidth.read("share " + text)).hasMessageStartingWith("Write the width");
        assertThatThrownBy(() -> Slot.read("column " + text)).hasMessageContaining("160 to 2560");
    }

    @ParameterizedTest
    @CsvSource({"16:9, 1.7777777", "2.4:1, 2.4", "4 / 5, 0.8", "3x2, 1.5"})
    void aRatioIsTwoNumbers(String text, double value) {
        assertThat(Ratio.read(text).value()).isCloseTo(value, org.assertj.core.api.Assertions.within(1e-6));
        assertThat(Ratio.read(Ratio.read(text).toString())).isEqualTo(Ratio.read(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"16", "a:b", "0:4", "-1:2", "100:1", "1:100", "", "1:2:3"})
    void whatIsNoRatioIsRefused(String text) {
        assertThatThrownBy(() -> Ratio.read(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"fills", "most 960", "share 80"})
    void aWidthIsReadAsItIsWritten(String text) {
        assertThat(ReelWidth.read(text).write()).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"most 20", "most", "share 5", "share 120", "wide"})
    void whatIsNoWidthIsRefused(String text) {
        assertThatThrownBy(() -> ReelWidth.read(text)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"full", "box 960", "column 360"})
    void aSlotIsReadAsItIsWritten(String text) {
        assertThat(Slot.read(text).write()).isEqualTo(text);
        assertThatThrownBy(() -> Slot.read("box")).hasMessageContaining("box 960");
    }

    @ParameterizedTest
    @CsvSource({
        "https://fennock.example/days, true",
        "/dates, true",
        "mailto:days@fennock.example, true",
        "tel:+1234, true",
        "javascript:alert(1), false",
        "JAVASCRIPT:alert(1), false",
        "data:text/html;x, false",
        "https://fennock.example/a b, false"
    })
    void aLinkIsAProperAddress(String link, boolean proper) {
        if (proper) {
            assertThat(Words.NONE.with(Words.Field.LINK, link).link()).isEqualTo(link);
        } else {
            assertThatThrownBy(() -> Words.NONE.with(Words.Field.LINK, link))
                    .isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void aSlideSaysWhatItsPictureSaysUntilItSaysSomethingElse() {
        PictureWords picture = new PictureWords("Quatrefoil wall", "214 tiles", "Blue flowers on white", "/walls");
        Words.Said untouched = Words.NONE.completedBy(picture);
        assertThat(untouched)
                .isEqualTo(new Words.Said("Quatrefoil wall", "214 tiles", "", "/walls", "Blue flowers on white"));
        Words.Said own = Words.NONE
                .with(Words.Field.TITLE, "")
                .with(Words.Field.TEXT, "Ours")
                .with(Words.Field.LINK, "/ours")
                .completedBy(picture);
        assertThat(own).isEqualTo(new Words.Said("", "Ours", "", "/ours", "Blue flowers on white"));
        assertThat(Words.NONE.completedBy(PictureWords.NONE).shows()).isFalse();
    }

    @Test
    void setUpsMeetWithoutAGap() {
        SetUpLimits limits = SetUpLimits.USUAL;
        for (double width = 280; width < 2560; width += 0.25) {
            SetUp setUp = limits.at(width);
            assertThat(width).isGreaterThanOrEqualTo(limits.from(setUp));
            for (SetUp later : SetUp.values()) {
                assertThat(later.compareTo(setUp) > 0).isEqualTo(width < limits.from(later));
            }
        }
        assertThatThrownBy(() -> new SetUpLimits(1024, 600)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @EnumSource(Starter.class)
    void aStarterMakesAReelOfItsPictures(Starter starter) {
        List<PictureId> pictures = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            pictures.add(new PictureId("p" + i));
        }
        int[] next = {0};
        Reel reel = starter.make(" Days ", Slot.FULL, pictures, () -> new SlideId("s" + next[0]++));
        assertThat(reel.name()).isEqualTo("Days");
        assertThat(reel.slides()).hasSize(starter == Starter.COMPARISON ? 2 : 5);
        assertThat(reel.arrangement())
                .isEqualTo(starter == Starter.ROW ? Kind.ROW : starter == Starter.MARQUEE ? Kind.MARQUEE : Kind.SINGLE);
        reel.choices()
                .all()
                .keySet()
                .forEach(option -> assertThat(option.concerns(reel.arrangement()))
                        .as("%s has an effect in %s", option, starter)
                        .isTrue());
    }

    @Test
    void illegalReelsCannotExist() {
        Slide slide = Slide.of(new SlideId("a"), new Carries.Plain(new Colour("#FFF000")));
        assertThatThrownBy(() -> Reel.named("Twice").withSlides(List.of(slide, slide)))
                .hasMessageContaining("stands twice");
        assertThatThrownBy(() -> Reel.named(" ")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> slide.withHold(499L)).hasMessage("A slide stands 0.5 to 120 s.");
        assertThatThrownBy(() -> new FocalPoint(1.01, 0)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Carries.Pair(new PictureId("a"), new PictureId("b"), "x".repeat(61), "", 0.5))
                .hasMessageContaining("at most 60");
        assertThatThrownBy(() -> new Colour("red")).hasMessageContaining("#16241e");
        assertThatThrownBy(() -> new SlideId("../x")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void whatMovesByItselfIsKnown() {
        Slide one = Slide.of(new SlideId("a"), new Carries.Plain(new Colour("#123456")));
        Slide two = Slide.of(new SlideId("b"), new Carries.Plain(new Colour("#123456")));
        Reel still = Reel.named("Still").withSlides(List.of(one, two));
        Reel moving = still.withChoices(Choices.USUAL.with(Options.AUTOPLAY, null, true));
        assertThat(still.movesByItself()).isFalse();
        assertThat(moving.movesByItself()).isTrue();
        assertThat(moving.withSlides(List.of(one)).movesByItself()).isFalse();
        assertThat(still.withChoices(Choices.USUAL.with(Options.ARRANGEMENT, null, Kind.MARQUEE))
                        .movesByItself())
                .isTrue();
        assertThat(still.hold(one)).isEqualTo(5000);
        assertThat(still.hold(one.withHold(700L))).isEqualTo(700);
    }
}
