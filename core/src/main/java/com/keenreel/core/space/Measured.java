package com.keenreel.core.space;

/**
 * A box as it stands at one width, in CSS px from the host's top left corner.
 *
 * @param name what it is called
 */
public record Measured(String name, double x, double y, double width, double height) {}
