package com.keenreel.core.option;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.arrangement.marquee.MarqueeOptions;
import com.keenreel.core.arrangement.row.RowOptions;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class OptionsTest {
    @Test
    void everyOptionReadsWhatItWritesAndSaysWhatItIs() {
        Set<String> keys = new HashSet<>();
        for (Option<?> option : Arrangements.options()) {
            assertThat(keys.add(option.key())).as("%s stands once", option).isTrue();
            assertThat(option.meaning()).as(option.key()).endsWith(".");
            assertThat(option.means().alsoCalled())
                    .as("%s is found by words that people use", option)
                    .isNotEmpty()
                    .doesNotHaveDuplicates()
                    .allMatch(word -> word.equals(word.strip().toLowerCase(Locale.ROOT)));
            assertThat(Arrangements.all()).as(option.key()).anyMatch(one -> one.has(option));
            assertThat(Arrangements.option(option.key())).isSameAs(option);
            roundTrip(option);
        }
        assertThat(keys).hasSizeGreaterThan(20);
        assertThatThrownBy(() -> Arrangements.option("shape.colour-of-the-moon"))
                .hasMessageContaining("nothing called");
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
        assertThat(ShapeOptions.GAP.domain().read("160")).isEqualTo(160);
        assertThatThrownBy(() -> ShapeOptions.GAP.domain().read("160.01"))
                .hasMessage("160.01 is not within 0 to 160 px.");
        assertThatThrownBy(() -> ShapeOptions.GAP.domain().read("-1")).hasMessage("-1 is not within 0 to 160 px.");
        assertThatThrownBy(() -> ShapeOptions.GAP.domain().read("NaN")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> ShapeOptions.GAP.domain().read("Infinity")).isInstanceOf(RuntimeException.class);
    }

    @Test
    void numbersAreSaidWithTheirUnit() {
        assertThat(MotionOptions.HOLD.domain().say(5000L)).isEqualTo("5.0 s");
        assertThat(MotionOptions.HOLD.domain().read("6.5")).isEqualTo(6500);
        assertThat(MotionOptions.TRANSITION_TIME.domain().write(800L)).isEqualTo("0.8");
        assertThat(MarqueeOptions.SPEED.domain().say(60.0)).isEqualTo("60 px/s");
        assertThat(RowOptions.SHOWN.domain().say(3)).isEqualTo("3");
        assertThat(RowOptions.SHOWN.domain().read("2.5")).isEqualTo(3);
        assertThat(MotionOptions.AUTOPLAY.domain().say(true)).isEqualTo("by itself");
    }

    @ParameterizedTest
    @ValueSource(strings = {"NaN", "Infinity", "-Infinity", "1e999"})
    void whatIsNoFiniteNumberIsRefusedWithASentence(String text) {
        assertThatThrownBy(() -> MotionOptions.HOLD.domain().read(text))
                .hasMessage("Write a number from 0.5 to 120 s.");
        assertThatThrownBy(() -> Ratio.read(text + ":" + text)).hasMessageContaining("such as 16:9");
        assertThatThrownBy(() -> ReelWidth.read("most " + text)).hasMessageStartingWith("Write the width");
        assertThatThrownBy(() -> ReelWidth.read("share " + text)).hasMessageStartingWith("Write the width");
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

    @Test
    void setUpsMeetWithoutAGap() {
        SetUpLimits limits = SetUpLimits.of(Choices.USUAL);
        assertThat(limits.from(SetUp.PHONE)).isZero();
        assertThat(limits.below(SetUp.PHONE))
                .isEqualTo(limits.from(SetUp.TABLET))
                .isEqualTo(600);
        assertThat(limits.below(SetUp.TABLET))
                .isEqualTo(limits.from(SetUp.DESK))
                .isEqualTo(1024);
        assertThat(limits.below(SetUp.DESK)).isInfinite();
        assertThatThrownBy(() -> new SetUpLimits(1024, 600)).isInstanceOf(IllegalArgumentException.class);
    }
}
