/** Where everything stands: lengths that can be evaluated in Java and printed as CSS, and the layouts made of them. */
@NullMarked
package com.keenreel.core.space;

import org.jspecify.annotations.NullMarked;
