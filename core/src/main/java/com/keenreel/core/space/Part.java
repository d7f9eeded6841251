package com.keenreel.core.space;

import com.keenreel.core.option.SetUp;
import com.keenreel.core.reel.Carries.Side;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What something in a reel is. Its class in markup and style sheets ({@link #css}) and its name in {@code layout} ({@link
 * #box}) both come out of it.
 *
 * @param what what kind of thing
 * @param number of the slide that it belongs to, or of the dot that it is, from 1; 0 where there is one for the whole reel
 * @param which tells those of one slide apart, such as "before"; empty where there is one
 */
public record Part(What what, int number, String which) {
    /** Kinds of things. */
    public enum What {
        FRAME,
        /** What cuts off the slides that stand outside. */
        VIEW,
        /** The colour behind all pictures, seen between two slides. */
        GROUND,
        /** On which all slides stand. */
        STRIP,
        SLIDE,
        /** What cuts off a picture. */
        CROP,
        PICTURE,
        /** What a set-up shows in the place of the picture. */
        INSTEAD,
        /** The same picture once more, out of focus, behind one that does not fill its frame. */
        BEHIND,
        /** What a picture is seen in once more, below itself. */
        REFLECTION,
        /** What is turned upside down in it. */
        MIRROR,
        /** What cuts off the before picture at the divider. */
        SIDE,
        LABEL,
        DIVIDER,
        HANDLE,
        WORDS,
        /** A large word that shows its picture. */
        WORD,
        /** A line between two rows. */
        LINE,
        /** A title that stands by itself. */
        HEADING,
        /** A picture once more, whole. */
        AGAIN,
        PAUSE,
        ARROW,
        DOT,
        /** Which stop it is, of how many. */
        COUNT,
        /** What all thumbnails stand in. */
        THUMBS,
        THUMB,
        /** What shows the reel on the whole screen. */
        SCREEN,
        /** What shows pictures otherwise than they fit. */
        FITS;

        private final String word = name().toLowerCase(Locale.ROOT);
    }

    public static final Part FRAME = one(What.FRAME);
    public static final Part VIEW = one(What.VIEW);
    public static final Part GROUND = one(What.GROUND);
    public static final Part STRIP = one(What.STRIP);
    public static final Part PAUSE = one(What.PAUSE);
    public static final Part COUNT = one(What.COUNT);
    public static final Part SCREEN = one(What.SCREEN);
    public static final Part FITS = one(What.FITS);
    public static final Part THUMBS = one(What.THUMBS);
    public static final Part PREVIOUS = new Part(What.ARROW, 0, "previous");
    public static final Part NEXT = new Part(What.ARROW, 0, "next");

    private static Part one(What what) {
        return new Part(what, 0, "");
    }

    /** Slide {@code n}, from 1. */
    public static Part slide(int n) {
        return new Part(What.SLIDE, n, "");
    }

    /** What cuts off that slide's picture, or both of a pair. */
    public static Part crop(int n) {
        return new Part(What.CROP, n, "");
    }

    /** That slide's picture. */
    public static Part picture(int n) {
        return new Part(What.PICTURE, n, "");
    }

    /** One of the pictures of that slide's pair. */
    public static Part picture(int n, Side side) {
        return new Part(What.PICTURE, n, side.word());
    }

    /** What that set-up shows in the place of that slide's picture. */
    public static Part instead(int n, SetUp setUp) {
        return new Part(What.INSTEAD, n, setUp.word());
    }

    /** What fills the frame behind that slide's picture. */
    public static Part behind(int n) {
        return new Part(What.BEHIND, n, "");
    }

    /** What fills the frame behind what that set-up shows instead. */
    public static Part behind(int n, SetUp setUp) {
        return new Part(What.BEHIND, n, setUp.word());
    }

    /** Where that slide's picture is reflected. */
    public static Part reflection(int n) {
        return new Part(What.REFLECTION, n, "");
    }

    /** What is turned upside down there. */
    public static Part mirror(int n) {
        return new Part(What.MIRROR, n, "");
    }

    /** What cuts off the before picture of that slide's pair. */
    public static Part side(int n) {
        return new Part(What.SIDE, n, "");
    }

    /** The picture of a state between, from 1. */
    public static Part between(int n, int state) {
        return new Part(What.PICTURE, n, String.valueOf(state));
    }

    /** What cuts off the picture of a state between, from 1. */
    public static Part side(int n, int state) {
        return state == 0 ? side(n) : new Part(What.SIDE, n, String.valueOf(state + 1));
    }

    /** The line at which that state ends; 0 is the before side. */
    public static Part divider(int n, int state) {
        return state == 0 ? divider(n) : new Part(What.DIVIDER, n, String.valueOf(state + 1));
    }

    /** What that line is moved by. */
    public static Part handle(int n, int state) {
        return state == 0 ? handle(n) : new Part(What.HANDLE, n, String.valueOf(state + 1));
    }

    /** The name of a state between, from 1. */
    public static Part label(int n, int state) {
        return new Part(What.LABEL, n, String.valueOf(state));
    }

    /** The name of one side of that slide's pair. */
    public static Part label(int n, Side side) {
        return new Part(What.LABEL, n, side.word());
    }

    /** The line between the two pictures of that slide's pair. */
    public static Part divider(int n) {
        return new Part(What.DIVIDER, n, "");
    }

    /** What that line is moved by. */
    public static Part handle(int n) {
        return new Part(What.HANDLE, n, "");
    }

    /** Where that slide's words stand. */
    public static Part words(int n) {
        return new Part(What.WORDS, n, "");
    }

    /** The large word of that slide. */
    public static Part word(int n) {
        return new Part(What.WORD, n, "");
    }

    /** The line below row {@code n}, from 1. */
    public static Part line(int n) {
        return new Part(What.LINE, n, "");
    }

    /** That slide's title where it stands by itself. */
    public static Part heading(int n) {
        return new Part(What.HEADING, n, "");
    }

    /** That slide's picture once more, whole. */
    public static Part again(int n) {
        return new Part(What.AGAIN, n, "");
    }

    /** The dot of that stop, from 1. */
    public static Part dot(int n) {
        return new Part(What.DOT, n, "");
    }

    /** The thumbnail of slide {@code n}, from 1. */
    public static Part thumb(int n) {
        return new Part(What.THUMB, n, "");
    }

    /** The class that all of its kind share. */
    public String kind() {
        return switch (what) {
            case LABEL -> what.word + "-" + which;
            case INSTEAD -> What.PICTURE.word;
            default -> what.word;
        };
    }

    /** The class that it alone has: unique in a reel. */
    public String css() {
        return switch (what) {
            case LABEL -> kind() + "-" + number;
            default -> kind() + (number == 0 ? "" : "-" + number) + (which.isEmpty() ? "" : "-" + which);
        };
    }

    /** What it is called in {@code layout} and in {@code data-box}; null where it is not listed. */
    public @Nullable String box() {
        return switch (what) {
            case VIEW, GROUND, STRIP, LINE, CROP, SIDE, BEHIND, MIRROR -> null;
            case THUMB -> null; // a visitor moves them
            case INSTEAD -> kind() + "-" + number;
            case DIVIDER, HANDLE -> !which.isEmpty() ? css() : number == 1 ? kind() : kind() + "-" + number;
            case LABEL -> number == 1 ? kind() : kind() + "-" + number; // plainly on the first slide
            default -> css();
        };
    }

    /** Whether it is a picture, whichever. */
    public boolean isPicture() {
        return what == What.PICTURE || what == What.INSTEAD || what == What.AGAIN;
    }
}
