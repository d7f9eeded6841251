package com.keenreel.imaging;

/** A file that cannot be taken in, with a sentence for the person who brought it. */
public final class Refused extends Exception {
    public Refused(String reason) {
        super(reason, null, false, false);
    }
}
