/**
 * An arrangement that lives in the tests alone, to show that one needs no line elsewhere: cells that stand in more columns
 * the wider the reel is, of which some span two, and which turn while the page is scrolled.
 */
@NullMarked
package com.keenreel.core.arrangement.trial;

import org.jspecify.annotations.NullMarked;
