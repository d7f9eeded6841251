/** How wide and how large text is. */
@NullMarked
package com.keenreel.core.text;

import org.jspecify.annotations.NullMarked;
