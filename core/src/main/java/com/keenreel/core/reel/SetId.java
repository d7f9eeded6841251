package com.keenreel.core.reel;

/**
 * Names a set of pictures.
 *
 * @param value 1 to 24 characters out of a-z, 0-9
 */
public record SetId(String value) {
    public SetId {
        if (!value.matches("[a-z0-9]{1,24}")) {
            throw new IllegalArgumentException("A set's id has 1 to 24 of a-z and 0-9, not \"" + value + "\".");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
