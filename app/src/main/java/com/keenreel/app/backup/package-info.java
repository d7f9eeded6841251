/** Everything in one file, asked for in the browser or on the command line, and back. */
@NullMarked
package com.keenreel.app.backup;

import org.jspecify.annotations.NullMarked;
