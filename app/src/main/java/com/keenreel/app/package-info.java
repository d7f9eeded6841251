/** The web application. */
@NullMarked
package com.keenreel.app;

import org.jspecify.annotations.NullMarked;
