/** The model: a reel, its slides, what they carry and say, and everything that can be chosen about it. */
@NullMarked
package com.keenreel.core.reel;

import org.jspecify.annotations.NullMarked;
