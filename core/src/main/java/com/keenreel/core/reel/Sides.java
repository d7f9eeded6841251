package com.keenreel.core.reel;

import java.text.Normalizer;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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

    /** Between words, between numbers, and between the two. */
    private static final Pattern PIECES =
            Pattern.compile("[^\\p{L}\\p{N}]+|(?<=\\p{L})(?=\\p{N})|(?<=\\p{N})(?=\\p{L})");

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

    /** Why two pictures go together. */
    public enum Why {
        /** Their names are alike but for what says before and after. */
        NAMES,
        /** They show the same thing. */
        LOOKS,
        /** They come one after the other. */
        ORDER
    }

    /**
     * Two pictures that go together.
     *
     * @param before its place in the list that they were given in
     * @param after likewise
     * @param by by what they were told apart
     */
    public record Couple(int before, int after, Why why, By by) {}

    /** Two pictures that may go together, by their places in a list, the first one's first. */
    public record Two(int one, int other) {}

    /** Looks at pictures. */
    @FunctionalInterface
    public interface Looking {
        /** Those of them that show the same thing. */
        Set<Two> alike(List<Two> asked);
    }

    /** So many twos are looked at, at the most: somebody waits for it. */
    private static final int MOST_LOOKED_AT = 24;

    /**
     * Which pictures go together: first those that are named alike, one saying that it is before, one that it is after; then those
     * that look alike, nearest in the list first; then each two that are left, in the order in which they were taken where that is
     * known of all, else as they come. The last one is left over where their number is odd.
     *
     * @return by the first picture of each
     */
    public static List<Couple> couples(List<Candidate> all, Looking looking) {
        List<Couple> couples = new ArrayList<>();
        List<Integer> left =
                new ArrayList<>(IntStream.range(0, all.size()).boxed().toList());
        named(all, couples, left);
        List<Two> asked = new ArrayList<>();
        for (int apart = 1; left.size() > 2 && apart < left.size(); apart++) {
            for (int i = 0; i + apart < left.size() && asked.size() < MOST_LOOKED_AT; i++) {
                asked.add(new Two(left.get(i), left.get(i + apart)));
            }
        }
        Set<Two> alike = asked.isEmpty() ? Set.of() : looking.alike(asked);
        for (Two two : asked) {
            if (alike.contains(two) && left.contains(two.one()) && left.contains(two.other())) {
                couples.add(couple(all, two.one(), two.other(), Why.LOOKS));
                left.removeAll(List.of(two.one(), two.other()));
            }
        }
        if (left.stream().allMatch(i -> all.get(i).taken() != null)) {
            left.sort(
                    Comparator.comparing(i -> Objects.requireNonNull(all.get(i).taken())));
        }
        for (int i = 0; i + 1 < left.size(); i += 2) {
            couples.add(couple(all, left.get(i), left.get(i + 1), Why.ORDER));
        }
        couples.sort(Comparator.comparingInt(couple -> Math.min(couple.before(), couple.after())));
        return List.copyOf(couples);
    }

    private static void named(List<Candidate> all, List<Couple> couples, List<Integer> left) {
        Map<String, List<Integer>> named = new LinkedHashMap<>();
        for (int i = 0; i < all.size(); i++) {
            String rest = rest(all.get(i).file());
            if (side(all.get(i).file()) != 0 && !rest.isEmpty()) {
                named.computeIfAbsent(rest, any -> new ArrayList<>()).add(i);
            }
        }
        for (List<Integer> alike : named.values()) {
            if (alike.size() == 2
                    && side(all.get(alike.get(0)).file())
                            != side(all.get(alike.get(1)).file())) {
                couples.add(couple(all, alike.get(0), alike.get(1), Why.NAMES));
                left.removeAll(alike);
            }
        }
    }

    private static Couple couple(List<Candidate> all, int one, int other, Why why) {
        Told told = tell(all.get(one), all.get(other));
        return new Couple(told.turned() ? other : one, told.turned() ? one : other, why, told.by());
    }

    /** What a name says beside before and after, without its ending. */
    private static String rest(String file) {
        String name = Normalizer.normalize(file, Normalizer.Form.NFC)
                .toLowerCase(Locale.ROOT)
                .replaceFirst("\\.[a-z0-9]{2,5}$", "");
        return Arrays.stream(PIECES.split(name))
                .filter(piece -> !piece.isEmpty() && !BEFORE.contains(piece) && !AFTER.contains(piece))
                .collect(Collectors.joining(" "));
    }

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
