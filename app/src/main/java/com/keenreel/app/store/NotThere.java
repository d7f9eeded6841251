package com.keenreel.app.store;

/** Something that was asked for by its id and does not exist. */
public final class NotThere extends RuntimeException {
    public NotThere(String what) {
        super(what, null, false, false);
    }
}
