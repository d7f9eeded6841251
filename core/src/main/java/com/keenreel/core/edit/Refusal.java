package com.keenreel.core.edit;

/** An edit that cannot be done, with a sentence for the person who asked for it. */
public final class Refusal extends RuntimeException {
    public Refusal(String reason) {
        super(reason, null, false, false);
    }

    static Refusal because(IllegalArgumentException reason) {
        return new Refusal(String.valueOf(reason.getMessage()));
    }
}
