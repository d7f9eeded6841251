package com.keenreel.player;

import java.nio.file.Path;

/**
 * Makes reels of the demonstration's pictures.
 *
 * @param <R> the kind of reel that is made
 */
public interface ReelMaker<R extends TestReel<R>> {
    /** The demonstration's pictures, from the folder of a module. */
    Path PICTURES = Path.of("..", "samples", "pictures");

    /**
     * Makes a reel.
     *
     * @param starter the key of a starter, such as "banner"
     * @param slot where it sits, such as "full" or "box 960"
     * @param files of the demonstration's pictures, such as "glaze-milk.jpg"
     */
    R make(String name, String starter, String slot, String... files);

    /** The id of the picture of that file. */
    String picture(String file);

    /** Makes a banner of three pictures across the full width. */
    default R banner(String name) {
        return make(name, "banner", "full", "banner-glaze-bench.jpg", "banner-dusk-works.jpg", "banner-kiln-glow.jpg");
    }
}
