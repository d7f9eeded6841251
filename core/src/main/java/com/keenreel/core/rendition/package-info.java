/** In which sizes a picture is needed. */
@NullMarked
package com.keenreel.core.rendition;

import org.jspecify.annotations.NullMarked;
