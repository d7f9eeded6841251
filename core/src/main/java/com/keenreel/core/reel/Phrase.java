package com.keenreel.core.reel;

/** Something that is said to visitors who listen, or read by touch, instead of looking. Each can be reworded. */
public enum Phrase {
    PREVIOUS("previous", "What the arrow to the slide before is called."),
    NEXT("next", "What the arrow to the slide after is called."),
    PAUSE("pause", "What the button that stops the movement is called."),
    PLAY("play", "What the button that lets it go on is called."),
    CHOOSE("choose", "What the group of dots is called."),
    POSITION("position", "How a slide's place is said; {n} and {count} stand for the two numbers."),
    DIVIDER("divider", "What the divider between two pictures is called."),
    CAROUSEL("carousel", "What kind of thing the reel is."),
    SLIDE("slide", "What kind of thing a slide is.");

    private final String word;
    private final String meaning;

    Phrase(String word, String meaning) {
        this.word = word;
        this.meaning = meaning;
    }

    /** Its name in options and in the files of the languages. */
    public String word() {
        return word;
    }

    /** What it is for, in one plain sentence. */
    public String meaning() {
        return meaning;
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
