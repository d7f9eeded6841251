package com.keenreel.app.store;

import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.imaging.Format;
import org.jspecify.annotations.Nullable;

/**
 * A picture of the library in its newest version.
 *
 * @param name the name of its file, for people; never an alt text
 * @param words what it says by itself
 * @param version its newest version
 * @param usedIn how many reels show it
 */
public record StoredPicture(PictureId id, String name, PictureWords words, Version version, int usedIn) {
    /** Whether its renditions are made. */
    public enum State {
        WAITING,
        READY,
        FAILED
    }

    /**
     * One version of a picture.
     *
     * @param sha256 of the file as it was brought
     * @param problem why it failed, as a sentence
     */
    public record Version(
            long id,
            PictureId picture,
            String sha256,
            Format format,
            int width,
            int height,
            State state,
            @Nullable String problem) {
        /** What calculations need. */
        public PictureFacts facts() {
            return new PictureFacts(picture, width, height, FocalPoint.CENTRE);
        }
    }

    /** One file in which a version is shown. */
    public record Made(int width, Format format, String sha256) {}
}
