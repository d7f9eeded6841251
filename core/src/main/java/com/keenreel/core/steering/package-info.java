/** What stands around an arrangement for visitors to steer with, and what it leaves for slides. */
@NullMarked
package com.keenreel.core.steering;

import org.jspecify.annotations.NullMarked;
