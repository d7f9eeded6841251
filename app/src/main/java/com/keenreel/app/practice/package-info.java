/** The practice site and its pages. */
@NullMarked
package com.keenreel.app.practice;

import org.jspecify.annotations.NullMarked;
