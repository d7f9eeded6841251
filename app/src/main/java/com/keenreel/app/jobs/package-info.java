/** Work beside requests: making renditions. */
@NullMarked
package com.keenreel.app.jobs;

import org.jspecify.annotations.NullMarked;
