package com.keenreel.publish;

import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import java.util.Map;

/**
 * What is published: a reel, what is known of its pictures, and the files they are shown in.
 *
 * @param first the files of the first picture at their stable addresses, by which snippet and fragment ask for it once;
 *     drafts use the usual files
 */
public record Material(Reel reel, Facts facts, Map<PictureId, PictureFiles> files, PictureFiles first) {
    public Material {
        files = Map.copyOf(files);
    }

    /**
     * The files of one picture.
     *
     * @throws IllegalArgumentException when there are none
     */
    PictureFiles of(PictureId picture) {
        PictureFiles found = files.get(picture);
        if (found == null) {
            throw new IllegalArgumentException("Picture " + picture + " has no files yet.");
        }
        return found;
    }
}
