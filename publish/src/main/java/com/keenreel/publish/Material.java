package com.keenreel.publish;

import com.keenreel.core.arrangement.Pressed;
import com.keenreel.core.arrangement.Steered;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import com.keenreel.core.space.Facts;
import java.util.Collections;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What is published: a reel, what is known of its pictures, and the files they are shown in.
 *
 * @param first the files of the first picture at their stable addresses, by which snippet and fragment ask for it once;
 *     drafts use the usual files
 */
public record Material(Reel reel, Facts facts, Map<PictureId, PictureFiles> files, PictureFiles first) {
    public Material {
        reel = Steered.of(reel);
        files = Collections.unmodifiableMap(new HashMap<>(files));
    }

    /** The picture that is drawn first; of a pair the after picture, which lies below. */
    public Optional<PictureId> firstPicture() {
        return firstPicture(reel);
    }

    /** Whether a press on some slide opens the larger view. */
    boolean hasLargerView() {
        return reel.slides().stream()
                .filter(slide -> Pressed.mayOpen(reel, slide))
                .anyMatch(slide -> Pressed.of(reel, slide, facts.said(slide)) == Pressed.LARGER);
    }

    /** The picture of a reel that is drawn first. */
    public static Optional<PictureId> firstPicture(Reel reel) {
        return reel.slides().stream()
                .limit(1)
                .flatMap(slide -> slide.carries().pictures().stream())
                .reduce((one, other) -> other);
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
