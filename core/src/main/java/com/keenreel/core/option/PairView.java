package com.keenreel.core.option;

/** How visitors see both sides of a comparison. */
public enum PairView {
    /** Each on its side of a divider. */
    DIVIDER("with a divider between them", Phrase.DIVIDER),
    /** One over the other, as much of it as a control says. */
    FADE("with a control that fades one into the other", Phrase.FADER),
    /** One of them; a press shows the other. */
    SWITCH("one at a time, changed by a press", Phrase.SWITCH),
    /** One of them, and by itself the other; a press changes them too. */
    BLINK("by turns", Phrase.SWITCH);

    private final String says;
    private final Phrase phrase;

    PairView(String says, Phrase phrase) {
        this.says = says;
        this.phrase = phrase;
    }

    String say() {
        return says;
    }

    /** What visitors who listen are told that they move or press. */
    public Phrase phrase() {
        return phrase;
    }

    /** Whether it shows one side at a time. */
    public boolean switches() {
        return this == SWITCH || this == BLINK;
    }

    /**
     * Where a divider or control is at first, as a share of its way from the left or upper end. A control that fades stands at
     * its left end where the before side alone is seen; of sides that are seen one at a time, 1 is the before side.
     *
     * @param startsAt how much of the before side is to be seen at first, 0 to 1: where one at a time is seen, it comes first
     *     from the middle on
     */
    public double start(double startsAt) {
        return switch (this) {
            case DIVIDER -> startsAt;
            case FADE -> 1 - startsAt;
            case SWITCH, BLINK -> startsAt >= 0.5 ? 1 : 0;
        };
    }
}
