/** Moving pictures: files are recognised and looked at, box by box, without decoding them or reading them whole. */
@NullMarked
package com.keenreel.imaging.video;

import org.jspecify.annotations.NullMarked;
