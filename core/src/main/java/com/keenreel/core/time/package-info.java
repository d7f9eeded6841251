/** When everything happens: schedules, and transitions as plans that can be evaluated in Java and carried out by a browser. */
@NullMarked
package com.keenreel.core.time;

import org.jspecify.annotations.NullMarked;
