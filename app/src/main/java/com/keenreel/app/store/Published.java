package com.keenreel.app.store;

import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import java.util.List;
import java.util.Map;

/**
 * One immutable published state of a reel.
 *
 * @param id its id
 * @param reelId the reel
 * @param revision the newest revision of the reel at that moment
 * @param document what visitors meet: with the slides that a followed set gave then, or without what was withdrawn
 * @param fingerprint what visitors meet, as a hash
 * @param versions the versions of pictures that it shows
 * @param fragment JSON, addresses marked
 * @param page the page at its address, absolute addresses marked
 * @param policy that page's content security policy
 * @param reserved the height that code for a page keeps free, as it is printed there
 * @param files everything it needs by content
 * @param madeAt ms since 1970
 */
public record Published(
        String id,
        String reelId,
        long revision,
        Reel document,
        String fingerprint,
        Map<PictureId, Long> versions,
        String fragment,
        String page,
        String policy,
        String reserved,
        List<File> files,
        long madeAt) {
    /**
     * A file of a publication.
     *
     * @param firstWidth its width where it is one of the first picture's files; -1 where not
     */
    public record File(String sha256, String format, int firstWidth) {}
}
