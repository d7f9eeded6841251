/** A reel and its pictures' facts become what visitors load: fragment, pages, player plan, snippets. Pure: no store, no web. */
@NullMarked
package com.keenreel.publish;

import org.jspecify.annotations.NullMarked;
