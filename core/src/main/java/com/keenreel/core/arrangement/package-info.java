/**
 * The ways slides can stand, one package each, their registry, and the layout of a whole reel by the one that it has.
 * Outside nobody asks which one that is: everything reads what it has and how it moves.
 */
@NullMarked
package com.keenreel.core.arrangement;

import org.jspecify.annotations.NullMarked;
