package com.keenreel.core.reel;

/**
 * Names a picture in the library. Its file may be replaced (a new version); its id stays.
 *
 * @param value 1 to 24 characters out of a-z, 0-9
 */
public record PictureId(String value) {
    public PictureId {
        Id.check("A picture", value);
    }

    @Override
    public String toString() {
        return value;
    }
}
