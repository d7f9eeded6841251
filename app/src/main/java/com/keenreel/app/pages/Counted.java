package com.keenreel.app.pages;

/** Numbers of things in words. */
public final class Counted {
    private Counted() {}

    /** "1 picture", "3 pictures". */
    public static String of(long count, String one) {
        return of(count, one, one + "s");
    }

    /** "1 line says", "3 lines say". */
    public static String of(long count, String one, String many) {
        return count + " " + (count == 1 ? one : many);
    }
}
