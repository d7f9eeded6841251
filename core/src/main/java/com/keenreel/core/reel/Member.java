package com.keenreel.core.reel;

import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;

/**
 * A picture in a set.
 *
 * @param name of its file, by which it can be put in order
 * @param taken when it was taken; null when that is not known
 */
public record Member(
        PictureId picture, String name, @Nullable LocalDateTime taken) {}
