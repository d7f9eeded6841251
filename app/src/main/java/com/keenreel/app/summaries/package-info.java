/** What lists say of a reel, calculated once for each state of it. */
@NullMarked
package com.keenreel.app.summaries;

import org.jspecify.annotations.NullMarked;
