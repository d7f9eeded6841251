package com.keenreel.core.reel;

import java.util.Locale;

/**
 * How a side of a comparison shows its picture otherwise than it is. The file stays as it is: it is shown so.
 *
 * @param kind what is done to it
 * @param amount how much, in the unit of the kind
 */
public record Effect(Kind kind, double amount) {
    /** As it is. */
    public static final Effect NONE = new Effect(Kind.NONE, 0);

    /** What can be done to a picture. Saturation, brightness and contrast of 100 % leave it as it is. */
    public enum Kind {
        NONE("as it is", 0, 0, 0),
        GREY("grey", 0, 100, 100),
        SEPIA("sepia", 0, 100, 100),
        SATURATION("saturation", 0, 300, 180),
        BRIGHTNESS("brightness", 10, 200, 60),
        CONTRAST("contrast", 10, 200, 60),
        /** In per cent of the picture's width, so that it looks the same at all widths. */
        BLUR("blur", 0, 5, 1);

        private final String says;
        private final double least;
        private final double most;
        private final double usual;

        Kind(String says, double least, double most, double usual) {
            this.says = says;
            this.least = least;
            this.most = most;
            this.usual = usual;
        }

        /** Its name in documents. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /**
         * The kind of that name.
         *
         * @throws IllegalArgumentException when there is none
         */
        public static Kind of(String word) {
            for (Kind kind : values()) {
                if (kind.word().equals(word)) {
                    return kind;
                }
            }
            throw new IllegalArgumentException("There is no effect called \"" + word + "\".");
        }

        /** As people read it. */
        public String says() {
            return says;
        }

        /** The least amount of it, per cent. */
        public double least() {
            return least;
        }

        /** The greatest amount of it, per cent. */
        public double most() {
            return most;
        }

        /** The amount that it begins with, per cent. */
        public double usual() {
            return usual;
        }

        /** The steps in which it is chosen, per cent. */
        public double step() {
            return this == BLUR ? 0.1 : 1;
        }
    }

    public Effect {
        if (!(amount >= kind.least && amount <= kind.most)) {
            throw new IllegalArgumentException(
                    "The amount of " + kind.says + " is between " + kind.least + " and " + kind.most + " %.");
        }
    }

    /** That kind, with its usual amount. */
    public static Effect of(Kind kind) {
        return new Effect(kind, kind.usual);
    }

    /** Whether the picture is shown as it is. */
    public boolean isNone() {
        return kind == Kind.NONE;
    }
}
