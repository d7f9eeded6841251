package com.keenreel.core.reel;

import java.util.List;

/** What a slide carries. Independent of the arrangement it stands in. */
public sealed interface Carries {

    /** The pictures it shows, in the order in which they are drawn. */
    List<PictureId> pictures();

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
     * @param startsAt where the divider stands at first, as a fraction 0 to 1 of the width
     */
    record Pair(PictureId before, PictureId after, String nameBefore, String nameAfter, double startsAt)
            implements Carries {
        public Pair {
            if (!(startsAt >= 0 && startsAt <= 1)) {
                throw new IllegalArgumentException("A divider starts between 0 and 100 % of the width.");
            }
            if (nameBefore.length() > 60 || nameAfter.length() > 60) {
                throw new IllegalArgumentException("The name of a side has at most 60 characters.");
            }
        }

        /** A pair with the usual names, its divider in the middle. */
        public static Pair of(PictureId before, PictureId after) {
            return new Pair(before, after, "Before", "After", 0.5);
        }

        @Override
        public List<PictureId> pictures() {
            return List.of(before, after);
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
