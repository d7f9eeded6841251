package com.keenreel.core.option;

import com.keenreel.core.text.Typed;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** The values an option can take: how they are read, written, said and limited. */
public sealed interface Domain<T> {

    /**
     * Reads a value as edits and documents write it.
     *
     * @throws IllegalArgumentException with a sentence that says what is allowed
     */
    T read(String text);

    /** Writes it so that {@link #read} gives it back. */
    String write(T value);

    /** As a sentence of the brief says it, with its unit. */
    String say(T value);

    /**
     * One out of a few.
     *
     * @param values all of them, in the order in which they are offered
     * @param word as documents write one
     * @param words as a sentence says one
     */
    record OneOf<E>(List<E> values, Function<E, String> word, Function<E, String> words) implements Domain<E> {
        /** All values of an enumeration, written in small letters. */
        public static <E extends Enum<E>> OneOf<E> of(Class<E> type, Function<E, String> words) {
            return new OneOf<>(
                    List.of(type.getEnumConstants()),
                    value -> value.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    words);
        }

        @Override
        public E read(String text) {
            for (E value : values) {
                if (write(value).equals(text)) {
                    return value;
                }
            }
            throw new IllegalArgumentException(
                    "Choose one of " + values.stream().map(this::say).collect(Collectors.joining(", ")) + ".");
        }

        @Override
        public String write(E value) {
            return word.apply(value);
        }

        @Override
        public String say(E value) {
            return words.apply(value);
        }
    }

    /** A number within limits, said in a unit. */
    sealed interface Quantity<T extends Number> extends Domain<T> {
        /** The smallest allowed, in the unit. */
        double least();

        /** The greatest allowed, in the unit. */
        double most();

        /** What one press of a key changes, in the unit. */
        double step();

        /** As it is said: "px", "s", "%", "px/s", or empty. */
        String unit();

        /** The value that is said as that number of units, rounded as it is written. */
        T of(double units);

        /** How many units a value is. */
        double units(T value);

        @Override
        default T read(String text) {
            double value;
            try {
                value = Double.parseDouble(text.strip());
            } catch (NumberFormatException notANumber) {
                throw new IllegalArgumentException("Write a number from " + limits() + ".", notANumber);
            }
            if (!Double.isFinite(value)) {
                throw new IllegalArgumentException("Write a number from " + limits() + ".");
            }
            T kept = of(value);
            if (!(units(kept) >= least() && units(kept) <= most())) {
                throw new IllegalArgumentException(Numbers.plain(value) + " is not within " + limits() + ".");
            }
            return kept;
        }

        @Override
        default String write(T value) {
            return Numbers.plain(units(value));
        }

        @Override
        default String say(T value) {
            return (Numbers.rounded(units(value), 2) + " " + unit()).strip();
        }

        /** "0 to 120 px". */
        default String limits() {
            return (Numbers.plain(least()) + " to " + Numbers.plain(most()) + " " + unit()).strip();
        }
    }

    /** Any number within limits. */
    record Within(double least, double most, double step, String unit) implements Quantity<Double> {
        @Override
        public Double of(double units) {
            return Numbers.kept(units);
        }

        @Override
        public double units(Double value) {
            return value;
        }
    }

    /**
     * How many; what is written with a fraction counts as the nearest whole number.
     *
     * @param nought what 0 is called where that is more than a number, else empty
     */
    record Count(double least, double most, String nought) implements Quantity<Integer> {
        public Count(double least, double most) {
            this(least, most, "");
        }

        @Override
        public String say(Integer value) {
            return value == 0 && !nought.isEmpty() ? nought : Quantity.super.say(value);
        }

        @Override
        public double step() {
            return 1;
        }

        @Override
        public String unit() {
            return "";
        }

        @Override
        public Integer of(double units) {
            return (int) Math.floor(units + 0.5); // what is too large for a whole number stays too large
        }

        @Override
        public double units(Integer value) {
            return value;
        }
    }

    /**
     * How long: whole milliseconds, written and said in seconds.
     *
     * @param nought what 0 is called where that is more than a number, else empty
     */
    record Lasting(double least, double most, double step, String nought) implements Quantity<Long> {
        public Lasting(double least, double most, double step) {
            this(least, most, step, "");
        }

        @Override
        public String unit() {
            return "s";
        }

        @Override
        public Long of(double units) {
            return Math.round(1000 * units);
        }

        @Override
        public double units(Long value) {
            return value / 1000.0;
        }

        @Override
        public String say(Long value) {
            return value == 0 && !nought.isEmpty() ? nought : String.format(Locale.ROOT, "%.1f s", units(value));
        }
    }

    /** Yes or no, each with its words. */
    record YesNo(String yes, String no) implements Domain<Boolean> {
        @Override
        public Boolean read(String text) {
            return switch (text) {
                case "true" -> true;
                case "false" -> false;
                default -> throw new IllegalArgumentException("Choose " + yes + " or " + no + ".");
            };
        }

        @Override
        public String write(Boolean value) {
            return value.toString();
        }

        @Override
        public String say(Boolean value) {
            return value ? yes : no;
        }
    }

    /** A ratio of width to height. */
    record Ratios(List<Ready> offered) implements Domain<Ratio> {
        /** One that many want, and for what. */
        public record Ready(Ratio ratio, String purpose) {}

        @Override
        public Ratio read(String text) {
            return Ratio.read(text);
        }

        @Override
        public String write(Ratio value) {
            return value.toString();
        }

        @Override
        public String say(Ratio value) {
            return value.toString();
        }
    }

    /** How much of its slot a reel takes. */
    record Widths() implements Domain<ReelWidth> {
        @Override
        public ReelWidth read(String text) {
            return ReelWidth.read(text);
        }

        @Override
        public String write(ReelWidth value) {
            return value.write();
        }

        @Override
        public String say(ReelWidth value) {
            return value.toString();
        }
    }

    /** A colour. */
    record Colours() implements Domain<Colour> {
        @Override
        public Colour read(String text) {
            return new Colour(text);
        }

        @Override
        public String write(Colour value) {
            return value.hex();
        }

        @Override
        public String say(Colour value) {
            return value.hex().toUpperCase(Locale.ROOT);
        }
    }

    /** A language. */
    record Languages(List<Language> offered) implements Domain<Language> {
        @Override
        public Language read(String text) {
            return new Language(text);
        }

        @Override
        public String write(Language value) {
            return value.tag();
        }

        @Override
        public String say(Language value) {
            return value.say();
        }
    }

    /**
     * A picture of the library, by its id; empty for none.
     *
     * @param none what none is called
     */
    record Pictures(String none) implements Domain<String> {
        private static final Pattern FORM = Pattern.compile("[a-z0-9]{0,24}");

        @Override
        public String read(String text) {
            if (!FORM.matcher(text).matches()) {
                throw new IllegalArgumentException("Choose a picture of the library.");
            }
            return text;
        }

        @Override
        public String write(String value) {
            return value;
        }

        @Override
        public String say(String value) {
            return value.isEmpty() ? none : "a picture of the library";
        }
    }

    /** A phrase in words of one's own; empty for "as the language has it". */
    record Wording(Phrase phrase) implements Domain<String> {
        private static final int MOST = 80;

        @Override
        public String read(String text) {
            String wording = Typed.cleaned(text).strip();
            if (wording.length() > MOST) {
                throw new IllegalArgumentException("It has " + wording.length() + " characters; " + MOST + " fit.");
            }
            if (phrase == Phrase.POSITION
                    && !wording.isEmpty()
                    && !(wording.contains("{n}") && wording.contains("{count}"))) {
                throw new IllegalArgumentException("Keep {n} and {count}: they stand for the two numbers.");
            }
            return wording;
        }

        @Override
        public String write(String value) {
            return value;
        }

        @Override
        public String say(String value) {
            return value.isEmpty() ? "as usual" : "\"" + value + "\"";
        }
    }
}
