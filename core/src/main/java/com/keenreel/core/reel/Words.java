package com.keenreel.core.reel;

import com.keenreel.core.text.Typed;
import org.jspecify.annotations.Nullable;

/**
 * What a slide says. A null title, text or alt text means "as its picture says"; an empty one says nothing.
 *
 * @param title a heading, at most 200 characters
 * @param text at most 1000 characters
 * @param button the label of a button, at most 60 characters; empty for none
 * @param link where the button, or the whole slide when there is no button, leads; empty for nowhere
 * @param alt what the picture shows, for those who do not see it, at most 500 characters; of a comparison, the side after
 * @param altBefore the same of the side before; null where that picture says it
 */
public record Words(
        @Nullable String title,
        @Nullable String text,
        String button,
        String link,
        @Nullable String alt,
        @Nullable String altBefore) {
    /** Nothing said yet: everything as the picture says. */
    public static final Words NONE = new Words(null, null, "", "", null);

    static final int TITLE = 200;
    static final int TEXT = 1000;
    static final int ALT = 500;
    private static final int BUTTON = 60;

    public Words {
        title = Typed.cleanedOrNull(title);
        text = Typed.cleanedOrNull(text);
        button = Typed.cleaned(button);
        link = Typed.cleaned(link);
        alt = Typed.cleanedOrNull(alt);
        altBefore = Typed.cleanedOrNull(altBefore);
        limit("title", title, TITLE);
        limit("text", text, TEXT);
        limit("button", button, BUTTON);
        limit("alt text", alt, ALT);
        limit("alt text", altBefore, ALT);
        Link.check(link);
    }

    /** Words that leave what the side before shows to its picture. */
    public Words(@Nullable String title, @Nullable String text, String button, String link, @Nullable String alt) {
        this(title, text, button, link, alt, null);
    }

    static void limit(String what, @Nullable String value, int most) {
        if (value != null && value.length() > most) {
            throw new IllegalArgumentException(
                    "The " + what + " has " + value.length() + " characters; " + most + " fit.");
        }
    }

    /** One of the words. */
    public enum Field {
        TITLE("title"),
        TEXT("text"),
        BUTTON("button"),
        LINK("link"),
        ALT("alt"),
        /** What the side before of a comparison shows. */
        ALT_BEFORE("altBefore", "alt before");

        private final String word;
        private final String called;

        Field(String word) {
            this(word, word);
        }

        Field(String word, String called) {
            this.word = word;
            this.called = called;
        }

        /** What it is called in sentences. */
        public String called() {
            return called;
        }

        /** Its name in edits and forms. */
        public String word() {
            return word;
        }

        /**
         * The field of that name.
         *
         * @throws IllegalArgumentException when there is none
         */
        public static Field of(String word) {
            for (Field field : values()) {
                if (field.word.equals(word)) {
                    return field;
                }
            }
            throw new IllegalArgumentException("A slide says a title, a text, a button, a link and an alt text.");
        }
    }

    /** What is said in that field; null for "as the picture says". */
    public @Nullable String said(Field field) {
        return switch (field) {
            case TITLE -> title;
            case TEXT -> text;
            case BUTTON -> button;
            case LINK -> link;
            case ALT -> alt;
            case ALT_BEFORE -> altBefore;
        };
    }

    /**
     * The same with another value in that field; null takes it back to what the picture says, or to nothing.
     *
     * @throws IllegalArgumentException with a sentence, when the value is too long or no proper address
     */
    public Words with(Field field, @Nullable String value) {
        return switch (field) {
            case TITLE -> new Words(value, text, button, link, alt, altBefore);
            case TEXT -> new Words(title, value, button, link, alt, altBefore);
            case BUTTON -> new Words(title, text, value == null ? "" : value, link, alt, altBefore);
            case LINK -> new Words(title, text, button, value == null ? "" : value.strip(), alt, altBefore);
            case ALT -> new Words(title, text, button, link, value, altBefore);
            case ALT_BEFORE -> new Words(title, text, button, link, alt, value);
        };
    }

    /** The same where what was before is after: each side keeps what its picture shows. */
    public Words swapped() {
        return new Words(title, text, button, link, altBefore, alt);
    }

    /** What visitors meet: these words, completed by those of the picture. */
    public Said completedBy(PictureWords picture) {
        return new Said(
                title != null ? title : picture.title(),
                text != null ? text : picture.caption(),
                button,
                link.isEmpty() ? picture.link() : link,
                alt != null ? alt : picture.alt());
    }

    /** Words with nothing left open. Every field may be empty. */
    public record Said(String title, String text, String button, String link, String alt) {
        /** True when there is anything to show beside the picture. */
        public boolean shows() {
            return !title.isEmpty() || !text.isEmpty() || !button.isEmpty();
        }

        /**
         * The one word, or few, for which a slide stands: its title, or its number where it has none.
         *
         * @param n its place among the others, from 1
         */
        public String word(int n) {
            return title.isEmpty() ? String.valueOf(n) : title;
        }
    }
}
