package com.keenreel.core.reel;

import com.keenreel.core.option.Colour;
import java.util.List;
import java.util.Locale;

/** What a slide carries. Independent of the arrangement it stands in. */
public sealed interface Carries {

    /** The pictures it shows, in the order in which they are drawn. */
    List<PictureId> pictures();

    /** A side of a comparison. */
    enum Side {
        BEFORE,
        AFTER;

        /** "before" or "after". */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /**
         * The side of that word.
         *
         * @throws IllegalArgumentException when there is none
         */
        public static Side of(String word) {
            for (Side side : values()) {
                if (side.word().equals(word)) {
                    return side;
                }
            }
            throw new IllegalArgumentException("A comparison has a before and an after.");
        }
    }

    /** One picture. */
    record Picture(PictureId picture) implements Carries {
        @Override
        public List<PictureId> pictures() {
            return List.of(picture);
        }
    }

    /**
     * Two pictures compared, with a divider between them.
     *
     * @param before the left side
     * @param after the right side
     * @param nameBefore what the left side is called, at most 60 characters, may be empty
     * @param nameAfter what the right side is called, at most 60 characters, may be empty
     * @param startsAt where the divider stands at first, as a fraction 0 to 1 of the width; kept to a billionth, so that
     *     swapping sides twice changes nothing
     */
    record Pair(PictureId before, PictureId after, String nameBefore, String nameAfter, double startsAt)
            implements Carries {
        /** What the sides are usually called. */
        public static final String BEFORE = "Before";

        /** The same of the right side. */
        public static final String AFTER = "After";

        public Pair {
            if (!(startsAt >= 0 && startsAt <= 1)) {
                throw new IllegalArgumentException("A divider starts between 0 and 100 % of the width.");
            }
            startsAt = Math.round(startsAt * 1e9) / 1e9;
            if (nameBefore.length() > 60 || nameAfter.length() > 60) {
                throw new IllegalArgumentException("The name of a side has at most 60 characters.");
            }
        }

        /** A pair with the usual names, its divider in the middle. */
        public static Pair of(PictureId before, PictureId after) {
            return new Pair(before, after, BEFORE, AFTER, 0.5);
        }

        @Override
        public List<PictureId> pictures() {
            return List.of(before, after);
        }

        public PictureId picture(Side side) {
            return side == Side.BEFORE ? before : after;
        }

        public String name(Side side) {
            return side == Side.BEFORE ? nameBefore : nameAfter;
        }

        public Pair withPicture(Side side, PictureId other) {
            return side == Side.BEFORE
                    ? new Pair(other, after, nameBefore, nameAfter, startsAt)
                    : new Pair(before, other, nameBefore, nameAfter, startsAt);
        }

        public Pair withName(Side side, String other) {
            return side == Side.BEFORE
                    ? new Pair(before, after, other, nameAfter, startsAt)
                    : new Pair(before, after, nameBefore, other, startsAt);
        }

        public Pair withStart(double other) {
            return new Pair(before, after, nameBefore, nameAfter, other);
        }

        /**
         * What was before after, and the other way round: the picture in front stays as wide as it was. Usual names stay where
         * they are, for it is the pictures that stood on the wrong sides.
         */
        public Pair swapped() {
            return nameBefore.equals(BEFORE) && nameAfter.equals(AFTER)
                    ? new Pair(after, before, nameBefore, nameAfter, 1 - startsAt)
                    : turned();
        }

        private Pair turned() {
            return new Pair(after, before, nameAfter, nameBefore, 1 - startsAt);
        }
    }

    /** Plain colour, for a slide of words alone. */
    record Plain(Colour colour) implements Carries {
        @Override
        public List<PictureId> pictures() {
            return List.of();
        }
    }
}
