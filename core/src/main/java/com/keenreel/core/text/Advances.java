package com.keenreel.core.text;

/** How wide text is in the published type. Measured from the very fonts that are shipped. */
@FunctionalInterface
public interface Advances {
    /**
     * The width of one unbroken line.
     *
     * @param text any text
     * @param bold whether it is set in the bold weight
     * @param size px
     * @return CSS px, fractional
     */
    double of(String text, boolean bold, double size);
}
