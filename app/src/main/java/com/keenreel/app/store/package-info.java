/** What is kept: SQLite through jOOQ, files by content, and how documents and edits are written. */
@NullMarked
package com.keenreel.app.store;

import org.jspecify.annotations.NullMarked;
