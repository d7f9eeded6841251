/** Pixels: files are recognised and read safely, turned upright, resampled and encoded; type is measured. */
@NullMarked
package com.keenreel.imaging;

import org.jspecify.annotations.NullMarked;
