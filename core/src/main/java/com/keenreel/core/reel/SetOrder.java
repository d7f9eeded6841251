package com.keenreel.core.reel;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** In which order the pictures of a set come. */
public enum SetOrder {
    LAID_OUT("as laid out"),
    LAID_OUT_REVERSED("as laid out, the last first"),
    BY_NAME("by name"),
    BY_NAME_REVERSED("by name, the last first"),
    OLDEST("by date taken, the oldest first"),
    NEWEST("by date taken, the newest first"),
    SHUFFLED("shuffled");

    private static final Comparator<Member> NAMES = Comparator.comparing(Member::name, SetOrder::byName);

    private final String words;

    SetOrder(String words) {
        this.words = words;
    }

    /** As the brief says it. */
    public String words() {
        return words;
    }

    /**
     * The members in this order. Pictures without a date come last. Shuffled gives the same order for the same members.
     *
     * @param members as they are laid out
     */
    public List<Member> of(List<Member> members) {
        List<Member> ordered = new ArrayList<>(members);
        switch (this) {
            case LAID_OUT -> {}
            case LAID_OUT_REVERSED -> java.util.Collections.reverse(ordered);
            case BY_NAME -> ordered.sort(NAMES);
            case BY_NAME_REVERSED -> ordered.sort(NAMES.reversed());
            case OLDEST -> ordered.sort(dates(Comparator.naturalOrder()).thenComparing(NAMES));
            case NEWEST -> ordered.sort(dates(Comparator.reverseOrder()).thenComparing(NAMES));
            case SHUFFLED -> {
                ordered.sort(Comparator.comparing(member -> member.picture().value()));
                java.util.Collections.shuffle(
                        ordered,
                        new Random(
                                ordered.stream().map(Member::picture).toList().hashCode()));
            }
        }
        return List.copyOf(ordered);
    }

    private static Comparator<Member> dates(Comparator<LocalDateTime> order) {
        return Comparator.comparing(Member::taken, Comparator.nullsLast(order));
    }

    /** As people order names: capitals do not count, and "plate 2" comes before "plate 10". */
    public static int byName(String one, String other) {
        String a = one.toLowerCase(Locale.ROOT);
        String b = other.toLowerCase(Locale.ROOT);
        int i = 0;
        int j = 0;
        while (i < a.length() && j < b.length()) {
            if (Character.isDigit(a.charAt(i)) && Character.isDigit(b.charAt(j))) {
                int endA = end(a, i);
                int endB = end(b, j);
                int order = numbers(a.substring(i, endA), b.substring(j, endB));
                if (order != 0) {
                    return order;
                }
                i = endA;
                j = endB;
            } else {
                int order = Character.compare(a.charAt(i), b.charAt(j));
                if (order != 0) {
                    return order;
                }
                i++;
                j++;
            }
        }
        int order = Integer.compare(a.length() - i, b.length() - j);
        return order != 0 ? order : one.compareTo(other);
    }

    private static int end(String text, int start) {
        int end = start;
        while (end < text.length() && Character.isDigit(text.charAt(end))) {
            end++;
        }
        return end;
    }

    private static int numbers(String one, String other) {
        String a = one.replaceFirst("^0+(?=\\d)", "");
        String b = other.replaceFirst("^0+(?=\\d)", "");
        return a.length() != b.length() ? Integer.compare(a.length(), b.length()) : a.compareTo(b);
    }

    /** The order of that name as documents write it, such as "by_name". */
    public static SetOrder read(@Nullable String word) {
        for (SetOrder order : values()) {
            if (order.word().equals(word)) {
                return order;
            }
        }
        throw new IllegalArgumentException("There is no order \"" + word + "\".");
    }

    /** As documents write it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
