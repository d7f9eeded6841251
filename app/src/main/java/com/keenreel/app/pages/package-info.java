/** What all pages share: the places in their header, and what can be chosen in their lists. */
@NullMarked
package com.keenreel.app.pages;

import org.jspecify.annotations.NullMarked;
