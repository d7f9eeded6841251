package com.keenreel.core.time;

import com.keenreel.core.reel.Words.Said;
import java.lang.Character.UnicodeScript;
import java.util.Set;

/**
 * How long a slide has to stand so that its words can be read: one second to look up, then 3 words a second (180 words a
 * minute), or 4 characters a second where a script does not part words by spaces.
 */
public final class Reading {
    private static final Set<UnicodeScript> WITHOUT_SPACES = Set.of(
            UnicodeScript.HAN,
            UnicodeScript.HIRAGANA,
            UnicodeScript.KATAKANA,
            UnicodeScript.THAI,
            UnicodeScript.LAO,
            UnicodeScript.KHMER,
            UnicodeScript.MYANMAR);

    private static final int FIRST_WITHOUT_SPACES = 0x0E00; // where the block of Thai starts

    private Reading() {}

    /** The time that reading takes, ms; 0 for nothing to read. */
    public static long time(Said said) {
        String text = String.join(" ", said.title(), said.text(), said.button()).strip();
        if (text.isEmpty()) {
            return 0;
        }
        long apart = 0; // characters of scripts without spaces
        long words = 0;
        boolean inWord = false;
        for (int one : text.codePoints().toArray()) {
            boolean without = isWithoutSpaces(one);
            boolean ofWord = !without && !Character.isWhitespace(one);
            apart += without ? 1 : 0;
            words += ofWord && !inWord ? 1 : 0;
            inWord = ofWord;
        }
        return Math.round(1000 * (1 + words / 3.0 + apart / 4.0));
    }

    /** The least hold, to half a second, in which those words can be read, ms; 0 for nothing to read. */
    public static long hold(Said said) {
        return (time(said) + 499) / 500 * 500;
    }

    private static boolean isWithoutSpaces(int character) {
        return character >= FIRST_WITHOUT_SPACES && WITHOUT_SPACES.contains(UnicodeScript.of(character));
    }
}
