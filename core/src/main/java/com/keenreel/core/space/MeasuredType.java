package com.keenreel.core.space;

import java.util.Map;

/**
 * How words are set at one width.
 *
 * @param name the part they stand in and what of it, such as "words-1 title"
 * @param properties CSS properties by name, in px
 */
public record MeasuredType(String name, Map<String, Double> properties) {}
