/** Cells in columns, or rows of whole pictures; all at once, or page by page. */
@NullMarked
package com.keenreel.core.arrangement.grid;

import org.jspecify.annotations.NullMarked;
