/** How two pictures of one thing lie upon each other: the transform between them, and what both show. */
@NullMarked
package com.keenreel.core.align;

import org.jspecify.annotations.NullMarked;
