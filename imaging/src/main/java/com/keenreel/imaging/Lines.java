package com.keenreel.imaging;

/** A picture that gives its pixels line by line, so that a large one is never held twice. */
interface Lines {
    /** Pixels across. */
    int width();

    /** Pixels down. */
    int height();

    /** Whether any pixel may be transparent. */
    boolean alpha();

    /**
     * Writes one line from left to right: red, green and blue, each times opacity, and opacity itself where there is
     * alpha; all 0 to 255.
     *
     * @param y counted from the top
     * @param into at least as long as the line
     */
    void read(int y, float[] into);

    /** How many numbers a pixel has in a line. */
    default int channels() {
        return alpha() ? 4 : 3;
    }
}
