/** Pictures that stay in the window while their words pass over them. */
@NullMarked
package com.keenreel.core.arrangement.standing;

import org.jspecify.annotations.NullMarked;
