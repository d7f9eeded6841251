/** Lines up two pictures of one thing that were taken by hand. */
@NullMarked
package com.keenreel.imaging.align;

import org.jspecify.annotations.NullMarked;
