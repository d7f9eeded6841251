/** What can be chosen: options with their domains, and choices that may differ by set-up. Nothing here knows a reel. */
@NullMarked
package com.keenreel.core.option;

import org.jspecify.annotations.NullMarked;
