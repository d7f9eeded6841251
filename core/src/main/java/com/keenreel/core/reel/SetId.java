package com.keenreel.core.reel;

/**
 * Names a set of pictures.
 *
 * @param value 1 to 24 characters out of a-z, 0-9
 */
public record SetId(String value) {
    public SetId {
        Id.check("A set's", value);
    }

    @Override
    public String toString() {
        return value;
    }
}
