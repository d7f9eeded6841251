package com.keenreel.core.text;

import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How many lines a text takes, broken as browsers break it: where Unicode lets lines break (UAX 14), and between two letters
 * of a word that is too long for a line.
 */
public final class Breaking {
    /** Marks within words, behind which no line begins. */
    private static final String WITHIN = "./'\u2019";

    /** Browsers lay out in 64ths of a px. */
    private static final double ROUNDED = 1.0 / 64;

    private Breaking() {}

    /**
     * The lines that a text needs.
     *
     * @param bold whether it is set in the bold weight
     * @param size of the type, px
     * @param width of a line, px
     * @param type how wide text is
     * @return 0 for an empty text
     */
    public static int lines(String text, boolean bold, double size, double width, Advances type) {
        int lines = 0;
        for (String paragraph : text.strip().split("\\R")) {
            lines += paragraph.isBlank() ? 0 : linesOf(paragraph.strip(), bold, size, Math.max(1, width), type);
        }
        return lines;
    }

    private static int linesOf(String paragraph, boolean bold, double size, double width, Advances type) {
        int lines = 1;
        String line = "";
        for (String piece : words(paragraph)) {
            if (fits(line + piece, bold, size, width, type)) {
                line += piece;
                continue;
            }
            lines += line.isEmpty() ? 0 : 1;
            line = piece;
            if (!fits(piece, bold, size, width, type)) {
                line = "";
                for (String letter : pieces(piece, BreakIterator.getCharacterInstance(Locale.ROOT))) {
                    boolean full = !line.isEmpty() && !fits(line + letter, bold, size, width, type);
                    lines += full ? 1 : 0;
                    line = full ? letter : line + letter;
                }
            }
        }
        return lines;
    }

    /**
     * What stays together. The line breaker of the JDK lets lines break within addresses and behind apostrophes; browsers do
     * not.
     */
    private static List<String> words(String paragraph) {
        List<String> words = new ArrayList<>();
        for (String piece : pieces(paragraph, BreakIterator.getLineInstance(Locale.ROOT))) {
            int last = words.size() - 1;
            if (last >= 0 && WITHIN.indexOf(last(words.get(last))) >= 0) {
                words.set(last, words.get(last) + piece);
            } else {
                words.add(piece);
            }
        }
        return words;
    }

    private static char last(String text) {
        return text.charAt(text.length() - 1);
    }

    /** Spaces at the end of a line need no room. */
    private static boolean fits(String line, boolean bold, double size, double width, Advances type) {
        return type.of(line.stripTrailing(), bold, size) <= width + ROUNDED;
    }

    private static List<String> pieces(String text, BreakIterator breaks) {
        List<String> pieces = new ArrayList<>();
        breaks.setText(text);
        int from = breaks.first();
        for (int to = breaks.next(); to != BreakIterator.DONE; to = breaks.next()) {
            pieces.add(text.substring(from, to));
            from = to;
        }
        return pieces;
    }
}
