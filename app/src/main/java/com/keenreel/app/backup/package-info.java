/**
 * Backups: the whole data folder as one file, asked for in the browser or on the command line, and restored on the
 * command line.
 */
@NullMarked
package com.keenreel.app.backup;

import org.jspecify.annotations.NullMarked;
