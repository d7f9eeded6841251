package com.keenreel.core.reel;

/**
 * Names a picture in the library. Its file may be replaced (a new version); its id stays.
 *
 * @param value 1 to 24 characters out of a-z, 0-9
 */
public record PictureId(String value) {
    public PictureId {
        if (!value.matches("[a-z0-9]{1,24}")) {
            throw new IllegalArgumentException("A picture id has 1 to 24 of a-z and 0-9, not \"" + value + "\".");
        }
    }

    @Override
    public String toString() {
        return value;
    }
}
