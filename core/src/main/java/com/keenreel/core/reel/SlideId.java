package com.keenreel.core.reel;

/**
 * Names one slide of a reel for as long as it lives, wherever it stands in the running order.
 *
 * @param value 1 to 24 characters out of a-z, 0-9
 */
public record SlideId(String value) {
    public SlideId {
        Id.check("A slide", value);
    }

    @Override
    public String toString() {
        return value;
    }
}
