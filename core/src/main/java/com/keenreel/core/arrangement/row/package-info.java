/** Whole slides side by side. */
@NullMarked
package com.keenreel.core.arrangement.row;

import org.jspecify.annotations.NullMarked;
