package com.keenreel.core.time;

import com.keenreel.core.option.Direction;
import com.keenreel.core.option.LeavingKind;
import com.keenreel.core.option.Pace;
import com.keenreel.core.option.SetUp;
import com.keenreel.core.option.TransitionKind;
import com.keenreel.core.space.Stance;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What moves in a reel, and what leads it: a change from one stop to another, a position, distances, time, or the page's scrolling. */
public sealed interface Motion {
    /** What leads, in a word: "change", "position", "distance", "time", "scroll" or "nothing". Plans and style sheets say it. */
    String lead();

    /** Whether a visitor goes from stop to stop. */
    default boolean stops() {
        return false;
    }

    /** Whether it moves up and down, not to the sides. */
    default boolean upright() {
        return false;
    }

    /** The ways in which something moves, each of them once. */
    default List<Change> changes() {
        return List.of();
    }

    /**
     * The place among {@link #changes} of the one that leads into a slide.
     *
     * @param slide its place among all slides, from 0
     */
    default int into(int slide) {
        return 0;
    }

    /** How long the change into a slide takes, ms; 0 where a visitor does not go from stop to stop. */
    default long change(int slide) {
        return stops() ? changes().get(into(slide)).ms() : 0;
    }

    /** Nothing moves. */
    record Still() implements Motion {
        @Override
        public String lead() {
            return "nothing";
        }
    }

    /**
     * One slide gives way to another. Going on, the slide that comes says how; going back, the one that leaves, so that it
     * leaves as it came.
     *
     * @param changes the different ways
     * @param bySlide for each slide the place of its own among them
     */
    record ByChange(List<Change> changes, List<Integer> bySlide) implements Motion {
        /** So many times as fast goes the rest of a change when a visitor has asked for another stop. */
        public static final int HURRY = 4;

        public ByChange {
            changes = List.copyOf(changes);
            bySlide = List.copyOf(bySlide);
        }

        /**
         * How a slide comes.
         *
         * @param leaving what the slide before it does meanwhile
         * @param time ms, where it takes any
         */
        public record Coming(TransitionKind kind, LeavingKind leaving, long time, Pace pace) {
            private Change in(Direction direction) {
                Transition transition = Transition.of(kind, direction).leaving(leaving, direction);
                return Change.of(transition, time, Easing.of(pace));
            }
        }

        /** The motion of a reel that is read in that direction, whose slides come like that, one after the other. */
        public static ByChange of(List<Coming> slides, Direction direction) {
            List<Coming> different = slides.stream().distinct().toList();
            List<Change> changes =
                    different.stream().map(one -> one.in(direction)).toList();
            return new ByChange(changes, slides.stream().map(different::indexOf).toList());
        }

        @Override
        public String lead() {
            return "change";
        }

        @Override
        public boolean stops() {
            return true;
        }

        @Override
        public int into(int slide) {
            return bySlide.get(slide);
        }
    }

    /** A step leads from one stop to the next, by itself or with a hand that drags it. */
    sealed interface Stepped extends Motion {
        /** How long what a hand let go of takes to its stop, ms. */
        long SETTLE = 250;

        /** How it does. */
        Easing SETTLING = Easing.ENDING;

        /** Dragged by more than half a step less this share of one, it goes on to the next stop. */
        double TOWARD = 0.3;

        /** How long one step takes, ms. */
        long time();

        /** How it runs. */
        Pace pace();

        @Override
        default boolean stops() {
            return true;
        }

        @Override
        default List<Change> changes() {
            Plan step = new Stepping().plan(time(), true, Easing.of(pace()));
            return List.of(new Change(step, step));
        }
    }

    /**
     * The strip moves from stop to stop.
     *
     * @param time of one step, ms
     * @param upright whether it moves up and down
     * @param seams by set-up, where the first slide follows the last
     */
    record ByPosition(long time, Pace pace, boolean upright, Map<SetUp, Seam> seams) implements Stepped {
        public ByPosition {
            seams = Map.copyOf(seams);
        }

        /** One that ends with its last slide. */
        public ByPosition(long time, Pace pace) {
            this(time, pace, false, Map.of());
        }

        /**
         * How a row goes round.
         *
         * @param after how many steps after its own stop a slide changes over to the other end of the row, while it is in sight
         *     at neither
         * @param middle whether slides stand in the middle, and their neighbours on both sides
         * @param paler how much of their opacity those lose, 0 to 1
         * @param smaller how much of their size those lose, 0 to 1
         */
        public record Seam(double after, boolean middle, double paler, double smaller) {
            /** How many slides, the last ones, are laid out before the first one. */
            public int before() {
                return middle ? (int) Math.floor(after) : 0;
            }
        }

        @Override
        public String lead() {
            return "position";
        }
    }

    /**
     * Every slide stands as far as it is from the stop, and passes through all distances between when that changes.
     *
     * @param time of one step, ms
     * @param stances how a slide stands 0, 1/2, 1 and more stops away, by set-up; between two of them in proportion, and
     *     beyond the last one as that says, unseen
     * @param endless whether the first slide follows the last, wherever that can be without a slide in two places
     */
    record ByDistance(long time, Pace pace, Map<SetUp, List<Stance>> stances, boolean endless) implements Stepped {
        public ByDistance {
            stances = Map.copyOf(stances);
        }

        @Override
        public String lead() {
            return "distance";
        }

        /** Whether the first of so many slides follows the last there: beyond the last stance nothing is seen, on either side. */
        public boolean isRound(SetUp setUp, int slides) {
            return endless
                    && slides >= Objects.requireNonNull(stances.get(setUp)).size() - 1;
        }

        /**
         * How many stops after the first one a slide stands, below 0 for before it.
         *
         * @param slide its place, from 0
         * @param slides how many there are
         * @param round whether the first follows the last
         */
        public static int distance(int slide, int slides, boolean round) {
            return round && slide > slides / 2.0 ? slide - slides : slide;
        }
    }

    /**
     * The strip moves on endlessly, lap after lap.
     *
     * @param pxPerSecond the same on every screen, above 0
     * @param onward whether it brings what stands later in reading order; else it goes the other way
     * @param upright whether it moves up or down
     * @param pointed how many times as fast it moves while it is pointed at: 0 for not at all, 1 for as ever
     */
    record ByTime(double pxPerSecond, boolean onward, boolean upright, double pointed) implements Motion {
        @Override
        public String lead() {
            return "time";
        }

        /** How long a lap of that many px takes, ms. */
        public double lapTime(double lap) {
            return Running.lapTime(lap, pxPerSecond);
        }

        private static Plan lap(boolean onward) {
            return new Running().plan(1, onward, Easing.LINEAR);
        }

        /** One lap; how long it takes depends on how long it is. */
        @Override
        public List<Change> changes() {
            return List.of(new Change(lap(onward), lap(!onward)));
        }
    }

    /**
     * What moves stands where the reel's way through the window says: at its start while the reel comes in at the lower
     * edge, at its end once it has left at the upper one.
     *
     * @param pieces what moves; their times are shares of {@link #WHOLE}
     */
    record ByScroll(List<Piece> pieces) implements Motion {
        /** The time that stands for the whole way, ms. */
        public static final long WHOLE = 8000;

        public ByScroll {
            pieces = List.copyOf(pieces);
        }

        @Override
        public String lead() {
            return "scroll";
        }

        @Override
        public List<Change> changes() {
            Plan way = new Plan(WHOLE, pieces);
            return List.of(new Change(way, way));
        }
    }
}
