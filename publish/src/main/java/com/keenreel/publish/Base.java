package com.keenreel.publish;

/**
 * Where the addresses of a publication start. What is written carries {@link #MARK} in front of every address, so that
 * the same bytes serve a page of this origin and a page anywhere else.
 */
public final class Base {
    static final String MARK = "keen-reel-base:";

    private Base() {}

    /**
     * The text with every address starting at that origin.
     *
     * @param origin such as "https://reels.fennock.example", or empty for the page's own
     */
    public static String put(String text, String origin) {
        return text.replace(MARK, origin);
    }
}
