package com.keenreel.core.option;

import java.util.List;

/**
 * What choosing does, for the person who chooses.
 *
 * @param name what histories call it, such as "ratio"
 * @param sentence one plain sentence
 * @param alsoCalled words by which people look for it, in small letters, whether the sentence has them or not
 */
public record Meaning(String name, String sentence, List<String> alsoCalled) {
    public Meaning {
        alsoCalled = List.copyOf(alsoCalled);
    }

    /** A name, a sentence, and words by which people look for it. */
    public static Meaning of(String name, String sentence, String... alsoCalled) {
        return new Meaning(name, sentence, List.of(alsoCalled));
    }
}
