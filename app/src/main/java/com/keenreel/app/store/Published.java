package com.keenreel.app.store;

import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.Reel;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

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
 * @param later what visitors meet instead from a later day on, by rising day; none where no slide has days
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
        long madeAt,
        List<Stage> later) {
    /**
     * A file of a publication.
     *
     * @param firstWidth its width where it is one of the first picture's files; -1 where not
     */
    public record File(String sha256, String format, int firstWidth) {}

    /**
     * What visitors meet from a day on.
     *
     * @param from null for the day of publishing
     * @param fragment JSON, addresses marked
     * @param page the page at its address, absolute addresses marked
     * @param policy that page's content security policy
     * @param first the files of the picture that is drawn first
     */
    public record Stage(@Nullable LocalDate from, String fragment, String page, String policy, List<File> first) {}

    /** What visitors meet on that day. */
    public Stage on(LocalDate day) {
        Stage stage = new Stage(
                null,
                fragment,
                page,
                policy,
                files.stream().filter(file -> file.firstWidth() >= 0).toList());
        for (Stage one : later) {
            LocalDate from = one.from();
            if (from != null && !day.isBefore(from)) {
                stage = one;
            }
        }
        return stage;
    }
}
