package com.keenreel.core.reel;

import com.keenreel.core.option.Colour;
import com.keenreel.core.text.Typed;
import java.util.ArrayList;
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

        /** The opposite one. */
        public Side other() {
            return this == BEFORE ? AFTER : BEFORE;
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
     * A state of what a pair compares that lies between before and after, with a divider of its own.
     *
     * @param picture what shows it
     * @param name what it is called, at most 60 characters, may be empty
     * @param endsAt where it is cut off at first, as a fraction 0 to 1 of the side along which dividers move; kept to a billionth
     */
    record Between(PictureId picture, String name, double endsAt) {
        public Between {
            if (!(endsAt >= 0 && endsAt <= 1)) {
                throw new IllegalArgumentException("A divider starts between 0 and 100 % of the width.");
            }
            endsAt = Math.round(endsAt * 1e9) / 1e9;
            name = Typed.cleaned(name);
            if (name.length() > 60) {
                throw new IllegalArgumentException("The name of a state has at most 60 characters.");
            }
        }

        Between endingAt(double other) {
            return new Between(picture, name, other);
        }
    }

    /**
     * Two pictures compared, with a divider between them.
     *
     * @param before the left side
     * @param after the right side
     * @param nameBefore what the left side is called, at most 60 characters, may be empty
     * @param nameAfter what the right side is called, at most 60 characters, may be empty
     * @param startsAt where the divider stands at first, as a fraction 0 to 1 of the side along which it moves; kept to a
     *     billionth, so that swapping sides twice changes nothing
     * @param effectBefore how the picture before is shown; with one, both sides may show the same picture
     * @param effectAfter how the picture after is shown
     * @param between further states, from before to after, each cut off by a divider of its own
     */
    record Pair(
            PictureId before,
            PictureId after,
            String nameBefore,
            String nameAfter,
            double startsAt,
            Effect effectBefore,
            Effect effectAfter,
            List<Between> between)
            implements Carries {
        /** So many states there are between two at the most. */
        public static final int MOST_BETWEEN = 4;

        /** What the sides are usually called. */
        public static final String BEFORE = "Before";

        /** The same of the right side. */
        public static final String AFTER = "After";

        public Pair {
            if (!(startsAt >= 0 && startsAt <= 1)) {
                throw new IllegalArgumentException("A divider starts between 0 and 100 % of the width.");
            }
            startsAt = Math.round(startsAt * 1e9) / 1e9;
            nameBefore = Typed.cleaned(nameBefore);
            nameAfter = Typed.cleaned(nameAfter);
            if (nameBefore.length() > 60 || nameAfter.length() > 60) {
                throw new IllegalArgumentException("The name of a side has at most 60 characters.");
            }
            between = List.copyOf(between);
            if (between.size() > MOST_BETWEEN) {
                throw new IllegalArgumentException("There are at most " + MOST_BETWEEN + " states between two.");
            }
            double former = startsAt;
            for (Between state : between) {
                if (state.endsAt() < former) {
                    throw new IllegalArgumentException("Dividers stand in the order of the states that they cut off.");
                }
                former = state.endsAt();
            }
        }

        /** A pair that shows both pictures as they are. */
        public Pair(PictureId before, PictureId after, String nameBefore, String nameAfter, double startsAt) {
            this(before, after, nameBefore, nameAfter, startsAt, Effect.NONE, Effect.NONE, List.of());
        }

        /** A pair with the usual names, its divider in the middle. */
        public static Pair of(PictureId before, PictureId after) {
            return new Pair(before, after, BEFORE, AFTER, 0.5);
        }

        @Override
        public List<PictureId> pictures() {
            List<PictureId> all = new ArrayList<>(List.of(before));
            between.forEach(state -> all.add(state.picture()));
            all.add(after);
            return all;
        }

        /** Where its dividers start, from the first state on. */
        public List<Double> starts() {
            List<Double> all = new ArrayList<>(List.of(startsAt));
            between.forEach(state -> all.add(state.endsAt()));
            return all;
        }

        public PictureId picture(Side side) {
            return side == Side.BEFORE ? before : after;
        }

        public String name(Side side) {
            return side == Side.BEFORE ? nameBefore : nameAfter;
        }

        public Effect effect(Side side) {
            return side == Side.BEFORE ? effectBefore : effectAfter;
        }

        public Pair withPicture(Side side, PictureId other) {
            return side == Side.BEFORE
                    ? new Pair(other, after, nameBefore, nameAfter, startsAt, effectBefore, effectAfter, between)
                    : new Pair(before, other, nameBefore, nameAfter, startsAt, effectBefore, effectAfter, between);
        }

        public Pair withName(Side side, String other) {
            return side == Side.BEFORE
                    ? new Pair(before, after, other, nameAfter, startsAt, effectBefore, effectAfter, between)
                    : new Pair(before, after, nameBefore, other, startsAt, effectBefore, effectAfter, between);
        }

        public Pair withEffect(Side side, Effect other) {
            return side == Side.BEFORE
                    ? new Pair(before, after, nameBefore, nameAfter, startsAt, other, effectAfter, between)
                    : new Pair(before, after, nameBefore, nameAfter, startsAt, effectBefore, other, between);
        }

        /** The same with other states between, each ending where it says and not before the former one. */
        public Pair withBetween(List<Between> others) {
            List<Between> inOrder = new ArrayList<>();
            double former = startsAt;
            for (Between state : others) {
                former = Math.max(former, state.endsAt());
                inOrder.add(state.endingAt(former));
            }
            return new Pair(before, after, nameBefore, nameAfter, startsAt, effectBefore, effectAfter, inOrder);
        }

        /** Where one more state after those between would end: it takes half of what the last state has of the frame. */
        public double nextEnds() {
            List<Double> starts = starts();
            return (starts.get(starts.size() - 1) + 1) / 2;
        }

        /** Its first divider starts elsewhere, at the next one at the most. */
        public Pair withStart(double other) {
            return withStart(0, other);
        }

        /**
         * One of its dividers starts elsewhere, between its neighbours at the most.
         *
         * @param divider which, from 0
         * @throws IllegalArgumentException when there is no such divider
         */
        public Pair withStart(int divider, double other) {
            List<Double> starts = starts();
            if (divider < 0 || divider >= starts.size()) {
                throw new IllegalArgumentException("There is no such divider any more.");
            }
            double least = divider == 0 ? 0 : starts.get(divider - 1);
            double most = divider + 1 == starts.size() ? 1 : starts.get(divider + 1);
            double kept = other >= 0 && other <= 1 ? Math.min(most, Math.max(least, other)) : other;
            List<Between> others = new ArrayList<>(between);
            if (divider > 0) {
                others.set(divider - 1, between.get(divider - 1).endingAt(kept));
            }
            double first = divider == 0 ? kept : startsAt;
            return new Pair(before, after, nameBefore, nameAfter, first, effectBefore, effectAfter, others);
        }

        /**
         * What was before after, and the other way round: the picture in front stays as wide as it was. Usual names stay where
         * they are, for it is the pictures that stood on the wrong sides.
         */
        public Pair swapped() {
            boolean usual = nameBefore.equals(BEFORE) && nameAfter.equals(AFTER);
            List<Double> starts = starts();
            List<Between> turned = new ArrayList<>();
            for (int i = between.size() - 1; i >= 0; i--) {
                turned.add(between.get(i).endingAt(1 - starts.get(i)));
            }
            return new Pair(
                    after,
                    before,
                    usual ? nameBefore : nameAfter,
                    usual ? nameAfter : nameBefore,
                    1 - starts.get(starts.size() - 1),
                    effectAfter,
                    effectBefore,
                    turned);
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
