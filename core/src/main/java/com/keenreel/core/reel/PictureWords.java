package com.keenreel.core.reel;

/**
 * What a picture says by itself, wherever it is shown. Every field may be empty and has at most as many characters as the
 * words of a slide have.
 *
 * @param link where a press on it leads
 */
public record PictureWords(String title, String caption, String alt, String link) {
    /** Says nothing. */
    public static final PictureWords NONE = new PictureWords("", "", "", "");

    public PictureWords {
        Words.limit("title", title, Words.TITLE);
        Words.limit("caption", caption, Words.TEXT);
        Words.limit("alt text", alt, Words.ALT);
        Link.check(link);
    }

    /** What a file says of itself, as much of it as fits. */
    public static PictureWords ofFile(String title, String caption, String alt) {
        return new PictureWords(cut(title, Words.TITLE), cut(caption, Words.TEXT), cut(alt, Words.ALT), "");
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }

    /**
     * These words.
     *
     * @param file the name of the picture's file
     * @throws IllegalArgumentException when the alt text is nothing but that name
     */
    public PictureWords of(String file) {
        String name = file.replaceFirst("\\.[A-Za-z0-9]{2,4}$", "");
        if (!alt.isBlank() && (alt.strip().equals(file) || alt.strip().equals(name))) {
            throw new IllegalArgumentException("A file name is no alt text: say what can be seen on the picture.");
        }
        return this;
    }
}
