package com.keenreel.imaging.align;

/**
 * A point of one picture that was found in the other.
 *
 * @param x in the one, px from its middle
 * @param y likewise
 * @param toX in the other, px from its middle
 * @param toY likewise
 * @param likeness -1 to 1
 */
record Match(double x, double y, double toX, double toY, double likeness) {}
