/** One slide at a time. */
@NullMarked
package com.keenreel.core.arrangement.single;

import org.jspecify.annotations.NullMarked;
