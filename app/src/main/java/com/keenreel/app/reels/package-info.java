/** The list of reels, and making a new one. */
@NullMarked
package com.keenreel.app.reels;

import org.jspecify.annotations.NullMarked;
