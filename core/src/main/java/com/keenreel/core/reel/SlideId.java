package com.keenreel.core.reel;

/**
 * Names one slide of a reel for as long as it lives, wherever it stands in the running order.
 *
 * @param value 1 to 24 characters out of a-z, 0-9
 */
public record SlideId(String value) {
    public SlideId {
        if (!value.matches("[a-z0-9]{1,24}")) {
            throw new IllegalArgumentException("A slide id has 1 to 24 of a-z and 0-9, not \"" + value + "\".");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
