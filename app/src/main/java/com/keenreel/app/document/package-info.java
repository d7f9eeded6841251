/** How reels, edits and what pictures show are written, and read again however old they are. */
@NullMarked
package com.keenreel.app.document;

import org.jspecify.annotations.NullMarked;
