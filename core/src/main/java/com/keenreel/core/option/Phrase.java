package com.keenreel.core.option;

/** Something that is said to visitors who listen, or read by touch, instead of looking. Each can be reworded. */
public enum Phrase {
    PREVIOUS("previous", "What the arrow to the slide before is called."),
    NEXT("next", "What the arrow to the slide after is called."),
    PAUSE("pause", "What the button that stops the movement is called."),
    PLAY("play", "What the button that lets it go on is called."),
    CHOOSE("choose", "What the group of dots is called."),
    POSITION("position", "How a slide's place is said; {n} and {count} stand for the two numbers."),
    DIVIDER("divider", "What the divider between two pictures is called."),
    FADER("fader", "What the control that fades one of two pictures into the other is called."),
    SWITCH("switch", "What the control that changes which of two pictures is seen is called."),
    CAROUSEL("carousel", "What kind of thing the reel is."),
    SLIDE("slide", "What kind of thing a slide is."),
    LARGER("larger", "What the larger view of a picture is called.", true),
    CLOSE("close", "What the button that ends the larger view is called.", true),
    WHOLE("whole", "What the button that shows the whole picture is called.", true),
    FILL("fill", "What the button that fills the window with the picture is called.", true),
    ORIGINAL("original", "What the button that shows the picture in its own size is called.", true),
    FULL_SCREEN("full-screen", "What the button that uses the whole screen is called.", true);

    private final String word;
    private final String meaning;
    private final boolean larger;

    Phrase(String word, String meaning) {
        this(word, meaning, false);
    }

    Phrase(String word, String meaning, boolean larger) {
        this.word = word;
        this.meaning = meaning;
        this.larger = larger;
    }

    /** Its name in options and in the files of the languages. */
    public String word() {
        return word;
    }

    /** What it is for, in one plain sentence. */
    public String meaning() {
        return meaning;
    }

    /** Whether it is said in the larger view alone. */
    public boolean isOfLargerView() {
        return larger;
    }

    /**
     * The phrase with its numbers put in.
     *
     * @param text the phrase as it is worded
     */
    public static String place(String text, int n, int count) {
        return text.replace("{n}", String.valueOf(n)).replace("{count}", String.valueOf(count));
    }
}
