/** The bench of one reel: its edits, its wall, its running order and its brief. */
@NullMarked
package com.keenreel.app.bench;

import org.jspecify.annotations.NullMarked;
