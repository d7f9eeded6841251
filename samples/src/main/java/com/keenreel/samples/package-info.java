/** The demonstration data of Fennock Tileworks, brought in through the same doors as a user's browser. */
@NullMarked
package com.keenreel.samples;

import org.jspecify.annotations.NullMarked;
