package com.keenreel.imaging;

/**
 * A picture at one size, encoded for browsers, without any metadata but its credit.
 *
 * @param width px across; 0 for shapes, which have any size
 * @param format how it is encoded
 */
public record Rendition(int width, Format format, byte[] bytes) {}
