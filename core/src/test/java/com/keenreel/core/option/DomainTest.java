package com.keenreel.core.option;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.arrangement.Arrangements;
import com.keenreel.core.reel.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

/** One law for every domain: what is accepted is written so that it is read as the same again. */
class DomainTest {
    private static final List<String> NUMBERS = List.of(
            "0",
            "-0",
            "0.0000001",
            "0.00000049",
            "0.0000005",
            "1e-7",
            "4.9e-324",
            "-1e-9",
            "0.1",
            "0.2000004",
            "0.3333333",
            "0.9999999",
            "0.99999949",
            "1",
            "1.0000004",
            "1.7976931348623157e308",
            "5.0000004",
            "11.9999999",
            "12.0000004",
            "99.9999996",
            "100.0000004",
            "1e12",
            "4294967297",
            "9223372036854775808",
            "NaN",
            "Infinity",
            "-Infinity",
            "0x1p-3",
            "2560.0000004",
            "160",
            "159.9999997",
            "1e6",
            "1e7",
            "123456.7890123");

    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "true",
            "false",
            "#FFFFFF",
            "#16241E",
            "de",
            "PT-br",
            "zh-hant-tw",
            "en-US-u-ca-buddhist",
            "iw",
            "{n}/{count}",
            " {count} of {n} ",
            "\u00a0x",
            "abc123",
            "fills");

    /** What somebody might type or send for a value of any kind; the numbers at random have nine decimals. */
    private static List<String> typed() {
        Random random = new Random(20261201);
        List<String> numbers = new ArrayList<>(NUMBERS);
        for (int i = 0; i < 200; i++) {
            double scale = Math.pow(10, random.nextInt(12) - 7);
            numbers.add(String.valueOf(Math.round(1e9 * random.nextDouble() * scale) / 1e9));
        }
        List<String> all = new ArrayList<>(numbers);
        all.addAll(TEXTS);
        for (String number : numbers) {
            all.add("most " + number);
            all.add("share " + number);
            all.add("box " + number);
            all.add(number + ":" + number);
            all.add(number + ":1");
            all.add("1:" + number);
            all.add(number + ":" + numbers.get(random.nextInt(numbers.size())));
        }
        return all;
    }

    /** How many of them are accepted, each of which keeps the law. */
    private static <T> int accepted(
            String of, Function<String, T> read, Function<T, String> write, Iterable<String> typed) {
        int accepted = 0;
        for (String text : typed) {
            T value;
            try {
                value = read.apply(text);
            } catch (IllegalArgumentException refused) {
                assertThat(refused.getMessage()).as(of + " of " + text).endsWith(".");
                continue;
            }
            accepted++;
            String written = write.apply(value);
            assertThat(read.apply(written)).as(of + " of " + text).isEqualTo(value);
            assertThat(write.apply(read.apply(written))).as(of + " of " + text).isEqualTo(written);
        }
        return accepted;
    }

    private static <T> int accepted(Option<T> option, List<String> typed) {
        Domain<T> domain = option.domain();
        return accepted(option.key(), domain::read, domain::write, typed);
    }

    @Test
    void everyValueThatIsAcceptedIsReadAgain() {
        List<String> typed = typed();
        int accepted = 0;
        for (Option<?> option : Arrangements.options()) {
            accepted += accepted(option, typed);
        }
        assertThat(accepted).isGreaterThan(2000);
        assertThat(accepted("slot", Slot::read, Slot::write, typed)).isGreaterThan(5);
    }

    @Test
    void aRatioOfNothingIsRefused() {
        assertThat(accepted(
                        "ratio", Ratio::read, Ratio::toString, List.of("0.0000001:0.0000001", "0.0000004:0.0000004")))
                .isZero();
        assertThat(Ratio.read("0.0000014:0.000001")).isEqualTo(new Ratio(0.000001, 0.000001));
    }
}
