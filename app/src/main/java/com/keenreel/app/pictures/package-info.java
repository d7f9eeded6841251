/** The picture library: bringing pictures in and showing them. */
@NullMarked
package com.keenreel.app.pictures;

import org.jspecify.annotations.NullMarked;
