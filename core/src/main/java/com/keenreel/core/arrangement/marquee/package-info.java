/** An endless band of logos. */
@NullMarked
package com.keenreel.core.arrangement.marquee;

import org.jspecify.annotations.NullMarked;
