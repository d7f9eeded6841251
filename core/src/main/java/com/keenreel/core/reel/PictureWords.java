package com.keenreel.core.reel;

import com.keenreel.core.text.Typed;
import java.util.ArrayList;
import java.util.List;

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
        title = Typed.cleaned(title);
        caption = Typed.cleaned(caption);
        alt = Typed.cleaned(alt);
        link = Typed.cleaned(link);
        Words.limit("title", title, Words.TITLE);
        Words.limit("caption", caption, Words.TEXT);
        Words.limit("alt text", alt, Words.ALT);
        Link.check(link);
    }

    /**
     * What a file says of itself, as much of it as fits; nothing where it says its own name.
     *
     * @param file its name
     */
    public static PictureWords ofFile(String file, String title, String caption, String alt) {
        return new PictureWords(
                cut(file, title, Words.TITLE), cut(file, caption, Words.TEXT), cut(file, alt, Words.ALT), "");
    }

    /** Which of the texts that a file says are longer than what is kept of them, as a sentence; empty for none. */
    public static String shortened(String title, String caption, String alt) {
        List<String> longer = new ArrayList<>();
        longer("title", title, Words.TITLE, longer);
        longer("caption", caption, Words.TEXT, longer);
        longer("alt text", alt, Words.ALT, longer);
        return longer.isEmpty() ? "" : "In the file it is longer: kept is " + String.join(", ", longer) + ".";
    }

    private static void longer(String called, String text, int most, List<String> longer) {
        if (text.length() > most) {
            longer.add("the " + called + " to " + most + " characters");
        }
    }

    private static String cut(String file, String text, int most) {
        return isName(file, text) ? "" : text.length() <= most ? text : text.substring(0, most);
    }

    /**
     * These words.
     *
     * @param file the name of the picture's file
     * @throws IllegalArgumentException when the alt text is nothing but that name
     */
    public PictureWords of(String file) {
        if (!alt.isBlank() && isName(file, alt)) {
            throw new IllegalArgumentException("A file name is no alt text: say what can be seen on the picture.");
        }
        return this;
    }

    private static boolean isName(String file, String text) {
        String name = file.replaceFirst("\\.[A-Za-z0-9]{2,4}$", "");
        return text.strip().equalsIgnoreCase(file) || text.strip().equalsIgnoreCase(name);
    }
}
