/** What is kept: SQLite through jOOQ, and files by content. */
@NullMarked
package com.keenreel.app.store;

import org.jspecify.annotations.NullMarked;
