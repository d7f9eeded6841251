/** Who may ask for what: hosts, origins, forgery tokens, and every path's headers. */
@NullMarked
package com.keenreel.app.access;

import org.jspecify.annotations.NullMarked;
