package com.keenreel.core.reel;

/**
 * The moving pictures that a picture stands for, as its first moment or otherwise.
 *
 * @param length how long they last, ms; 0 where their file does not say
 */
public record Video(long length) {
    public Video {
        if (length < 0) {
            throw new IllegalArgumentException("A video does not end before it begins.");
        }
    }
}
