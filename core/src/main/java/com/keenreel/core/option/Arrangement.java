package com.keenreel.core.option;

/** How slides stand in the frame, with the options of that way as they hold in one set-up. */
public sealed interface Arrangement {

    /** The ways slides can stand. */
    enum Kind {
        SINGLE,
        ROW,
        MARQUEE;

        String say() {
            return switch (this) {
                case SINGLE -> "one slide at a time";
                case ROW -> "slides side by side";
                case MARQUEE -> "an endless band";
            };
        }
    }

    /** Reads the arrangement that holds in that set-up out of what was chosen. */
    static Arrangement of(Choices choices, SetUp setUp) {
        return switch (choices.get(Options.ARRANGEMENT)) {
            case SINGLE -> new Single(choices.get(Options.RATIO, setUp));
            case ROW ->
                new Row(
                        choices.get(Options.RATIO, setUp),
                        (int) Math.round(choices.get(Options.SHOWN, setUp)),
                        choices.get(Options.PART, setUp) / 100,
                        choices.get(Options.GAP, setUp));
            case MARQUEE ->
                new Marquee(
                        choices.get(Options.BAND, setUp),
                        choices.get(Options.GAP, setUp),
                        choices.get(Options.SPEED),
                        choices.get(Options.WAY));
        };
    }

    /**
     * One slide at a time.
     *
     * @param ratio of the frame
     */
    record Single(Ratio ratio) implements Arrangement {}

    /**
     * Whole slides side by side.
     *
     * @param ratio of one slide's picture
     * @param shown whole slides in view, 1 to 8
     * @param part of the next one in view, 0 to 0.9
     * @param gap px between two
     */
    record Row(Ratio ratio, int shown, double part, double gap) implements Arrangement {}

    /**
     * An endless band at constant speed.
     *
     * @param height common height of the items, px
     * @param gap px between two
     * @param speed px per second
     * @param way the way it moves
     */
    record Marquee(double height, double gap, double speed, Way way) implements Arrangement {}
}
