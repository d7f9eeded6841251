package com.keenreel.app.store;

import com.ibm.icu.text.Transliterator;
import java.util.Locale;
import java.util.function.Predicate;

/** Names in addresses, written in Latin letters whatever the script of a title. */
final class Slugs {
    private static final int LONGEST = 50;
    private static final Transliterator LATIN = Transliterator.getInstance("Any-Latin; Latin-ASCII");

    private Slugs() {}

    /**
     * A slug that is not taken: of 1 to 60 of a-z, 0-9 and -.
     *
     * @param title what it is made of
     * @param otherwise for titles in which nothing can be written in letters or digits
     */
    static String free(String title, String otherwise, Predicate<String> taken) {
        String plain = LATIN.transliterate(title)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String wanted = plain.isEmpty()
                ? otherwise
                : plain.substring(0, Math.min(LONGEST, plain.length())).replaceAll("-$", "");
        String slug = wanted;
        for (int n = 2; taken.test(slug); n++) {
            slug = wanted + "-" + n;
        }
        return slug;
    }
}
