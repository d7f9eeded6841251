package com.keenreel.core.reel;

/** What a picture says by itself, wherever it is shown. Every field may be empty; none is ever a file name. */
public record PictureWords(String title, String caption, String alt) {
    /** Says nothing. */
    public static final PictureWords NONE = new PictureWords("", "", "");
}
