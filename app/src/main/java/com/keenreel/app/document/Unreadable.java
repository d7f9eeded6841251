package com.keenreel.app.document;

/** A stored document that cannot be read; its message says why, as a sentence. */
public final class Unreadable extends RuntimeException {
    Unreadable(String sentence) {
        super(sentence);
    }

    Unreadable(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
