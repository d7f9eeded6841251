package com.keenreel.core.reel;

import com.keenreel.core.option.Numbers;
import java.util.Locale;

/**
 * The width that a page gives the reel. It belongs to the wall and the snippet and is never published.
 *
 * @param kind how the page gives it room
 * @param size the greatest width in px, 160 to 2560; 0 for full width
 */
public record Slot(Kind kind, double size) {
    /** From edge to edge of the page. */
    public static final Slot FULL = new Slot(Kind.FULL, 0);

    /** The margin that a page keeps on each side of a box or a column, in px. */
    public static final double MARGIN = 20;

    /** How a page gives room. */
    public enum Kind {
        FULL,
        BOX,
        COLUMN
    }

    public Slot {
        size = Numbers.kept(size);
        if (kind == Kind.FULL ? size != 0 : !(size >= 160 && size <= 2560)) {
            throw new IllegalArgumentException("A box or column is 160 to 2560 px wide.");
        }
    }

    /** Reads "full", "box 960" or "column 360". */
    public static Slot read(String text) {
        String[] parts = text.strip().toUpperCase(Locale.ROOT).split("\\s+");
        try {
            Kind kind = Kind.valueOf(parts[0]);
            return kind == Kind.FULL ? FULL : new Slot(kind, Double.parseDouble(parts[1]));
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException unreadable) {
            throw new IllegalArgumentException(
                    "Say where it will sit as full, box 960 or column 360 (160 to 2560 px).", unreadable);
        }
    }

    /** "full", "box 960" or "column 360". */
    public String write() {
        return kind == Kind.FULL ? "full" : kind.name().toLowerCase(Locale.ROOT) + " " + Numbers.plain(size);
    }

    /** As a sentence says it: "the full width", "a box of 960 px". */
    @Override
    public String toString() {
        return switch (kind) {
            case FULL -> "the full width";
            case BOX -> "a box of " + Numbers.plain(size) + " px";
            case COLUMN -> "a column of " + Numbers.plain(size) + " px";
        };
    }
}
