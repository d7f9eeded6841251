/** The sheet on which two pictures of a comparison are lined up. */
@NullMarked
package com.keenreel.app.compare;

import org.jspecify.annotations.NullMarked;
