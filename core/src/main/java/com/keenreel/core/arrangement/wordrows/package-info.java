/** Rows of large words, each with a picture that waits for it. */
@NullMarked
package com.keenreel.core.arrangement.wordrows;

import org.jspecify.annotations.NullMarked;
