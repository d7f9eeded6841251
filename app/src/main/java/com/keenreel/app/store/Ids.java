package com.keenreel.app.store;

import java.security.SecureRandom;

/** Makes ids that nobody can guess and nobody else has. */
public final class Ids {
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";

    private Ids() {}

    /** A new id: twelve random characters of a-z and 2-9. */
    public static String fresh() {
        StringBuilder id = new StringBuilder();
        for (int i = 0; i < 12; i++) {
            id.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
        }
        return id.toString();
    }
}
