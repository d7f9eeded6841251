package com.keenreel.publish;

/**
 * Where the addresses of a publication start. What is written carries a mark in front of every address, so that the same
 * bytes serve a page of this origin and a page anywhere else, and so that the public address can change.
 */
public final class Base {
    /** In front of what a page may ask for at its own origin. */
    static final String MARK = "keen-reel-base:";

    /** In front of what must be absolute wherever it stands, because other machines read it. */
    static final String ABSOLUTE = "keen-reel-origin:";

    private Base() {}

    /**
     * The text with every address starting at that origin.
     *
     * @param origin such as "https://reels.fennock.example", or empty for the page's own
     */
    public static String put(String text, String origin) {
        return text.replace(MARK, origin);
    }

    /**
     * A page with the addresses that must be absolute starting at that origin.
     *
     * @param origin such as "https://reels.fennock.example"
     */
    public static String putAbsolute(String page, String origin) {
        return page.replace(ABSOLUTE, origin);
    }
}
