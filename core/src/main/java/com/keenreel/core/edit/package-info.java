/** What can be done to a reel: each edit, what it does, and what undoes it. */
@NullMarked
package com.keenreel.core.edit;

import org.jspecify.annotations.NullMarked;
