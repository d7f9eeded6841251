/** One slide in front, its neighbours turned and receding. */
@NullMarked
package com.keenreel.core.arrangement.depth;

import org.jspecify.annotations.NullMarked;
