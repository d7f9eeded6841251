package com.keenreel.core.reel;

import java.text.Normalizer;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Which of two pictures of one thing is the one before, and which the one after. */
public final class Sides {
    /** "Before", "old" and their like, in the languages that reels are said in, as words of file names. */
    private static final Set<String> BEFORE =
            words("before old then past former start vorher alt früher davor avant ancien"
                    + " vieux antes viejo antiguo prima vecchio voor oud velho antigo przed stary stare före fore innan gammal"
                    + " gammel før foer ennen vanha قبل قديم לפני ישן");

    /** "After", "new" and their like. */
    private static final Set<String> AFTER =
            words("after new now today restored finished nachher neu heute danach après"
                    + " apres nouveau neuf después despues nuevo dopo nuovo na nieuw nu depois novo po nowy nowe efter ny etter"
                    + " jälkeen jalkeen uusi بعد جديد אחרי חדש");

    private Sides() {}

    /** By what they were told apart. */
    public enum By {
        NAMES,
        DATES,
        /** By nothing: they stay as they were given. */
        NOTHING
    }

    /**
     * A picture as far as it is looked at.
     *
     * @param file the name of its file
     * @param taken when it was taken; null when that is not known
     */
    public record Candidate(String file, @Nullable LocalDateTime taken) {}

    /**
     * How two pictures go together.
     *
     * @param turned whether the second one comes before the first
     */
    public record Told(boolean turned, By by) {}

    /** Tells two pictures apart: by their names, then by when they were taken. */
    public static Told tell(Candidate first, Candidate second) {
        int names = side(second.file()) - side(first.file());
        if (names != 0) {
            return new Told(names < 0, By.NAMES);
        }
        LocalDateTime one = first.taken();
        LocalDateTime other = second.taken();
        return one == null || other == null || one.equals(other)
                ? new Told(false, By.NOTHING)
                : new Told(other.isBefore(one), By.DATES);
    }

    /** -1 for a name that says "before", 1 for one that says "after", 0 for one that says neither or both. */
    private static int side(String file) {
        Set<String> said = words(Normalizer.normalize(file, Normalizer.Form.NFC)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}]+", " ")
                .strip());
        boolean before = said.stream().anyMatch(BEFORE::contains);
        boolean after = said.stream().anyMatch(AFTER::contains);
        return before == after ? 0 : before ? -1 : 1;
    }

    private static Set<String> words(String all) {
        return Set.copyOf(Arrays.asList(all.split(" ")));
    }
}
