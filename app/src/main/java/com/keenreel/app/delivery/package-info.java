/** The public addresses. */
@NullMarked
package com.keenreel.app.delivery;

import org.jspecify.annotations.NullMarked;
