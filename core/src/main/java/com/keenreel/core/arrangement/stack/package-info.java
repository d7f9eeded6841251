/** Slides one below another. */
@NullMarked
package com.keenreel.core.arrangement.stack;

import org.jspecify.annotations.NullMarked;
