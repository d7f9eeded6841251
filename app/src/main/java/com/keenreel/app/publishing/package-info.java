/** From a stored reel to what visitors meet: drafts, publications, snippets, going live and taking down. */
@NullMarked
package com.keenreel.app.publishing;

import org.jspecify.annotations.NullMarked;
