package com.keenreel.app.store;

import com.keenreel.core.align.Warp;
import com.keenreel.core.reel.FocalPoint;
import com.keenreel.core.reel.PictureFacts;
import com.keenreel.core.reel.PictureId;
import com.keenreel.core.reel.PictureTraits;
import com.keenreel.core.reel.PictureWords;
import com.keenreel.core.reel.Video;
import com.keenreel.imaging.Adjustment;
import com.keenreel.imaging.Evening;
import com.keenreel.imaging.Format;
import com.keenreel.imaging.video.VideoFile.Kind;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * A picture of the library in the version that is shown.
 *
 * @param name the name of its file, for people; never an alt text
 * @param words what it says by itself
 * @param credit who it is by; may be empty
 * @param taken when it was taken; null when that is not known
 * @param binned whether it lies in the bin
 * @param version the version that is shown
 * @param found which of its words were found in its file and not looked at by anybody yet
 * @param usedIn how many reels show it
 * @param lined how it was made of another one; null for one that was brought
 */
public record StoredPicture(
        PictureId id,
        String name,
        PictureWords words,
        String credit,
        @Nullable LocalDateTime taken,
        boolean binned,
        Version version,
        Set<Found> found,
        int usedIn,
        @Nullable Lined lined) {
    /**
     * How a picture was made of another one.
     *
     * @param of the one that was lined up
     * @param with the one it was lined up with
     * @param warp where each point of that one, whole, is in the other, whole
     * @param evening what its colours were brought to
     */
    public record Lined(PictureId of, PictureId with, Warp warp, Evening evening) {}

    /** A text that files carry. */
    public enum Found {
        TITLE,
        CAPTION,
        ALT,
        CREDIT;

        /** As a sentence says it. */
        public String says() {
            return this == ALT ? "alt text" : name().toLowerCase(Locale.ROOT);
        }

        /** "Title, caption and alt text found in the file."; empty for none. */
        public static String said(List<String> fields) {
            if (fields.isEmpty()) {
                return "";
            }
            String last = fields.get(fields.size() - 1);
            String all = fields.size() == 1
                    ? last
                    : String.join(", ", fields.subList(0, fields.size() - 1)) + " and " + last;
            return Character.toUpperCase(all.charAt(0)) + all.substring(1) + " found in the file.";
        }
    }

    /** Whether its renditions are made. */
    public enum State {
        WAITING,
        READY,
        FAILED
    }

    /**
     * One version of a picture: a file, how it was turned and trimmed, and the point that crops keep in view.
     *
     * @param sha256 of the file as it was brought
     * @param bytes of what was brought: of the video, where it stands for one
     * @param width px across when adjusted
     * @param height px down when adjusted
     * @param chosen the focal point that somebody chose; null for the calculated one
     * @param traits what was seen in its pixels; null until that is known
     * @param problem why it failed, as a sentence
     * @param note what the person who brought it should know; empty when there is nothing
     * @param video what it stands for; null for a picture and nothing else
     */
    public record Version(
            long id,
            PictureId picture,
            String sha256,
            long bytes,
            Format format,
            int width,
            int height,
            Adjustment adjustment,
            @Nullable FocalPoint chosen,
            @Nullable PictureTraits traits,
            State state,
            @Nullable String problem,
            String note,
            @Nullable KeptVideo video) {
        /** What calculations need. */
        public PictureFacts facts() {
            Adjustment.Onto onto = adjustment.onto();
            return seen().of(video == null ? null : new Video(video.length()))
                    .linedUp(onto == null ? null : onto.warp());
        }

        private PictureFacts seen() {
            return traits == null
                    ? new PictureFacts(picture, width, height, focal())
                    : new PictureFacts(picture, width, height, focal(), traits.inked(), traits.alpha(), traits.tones());
        }

        /** "video, 0:08"; empty for a picture and nothing else. */
        public String videoSaid() {
            return video == null ? "" : video.says();
        }

        /** The point that crops keep in view: chosen, else calculated, else the middle. */
        public FocalPoint focal() {
            return chosen != null ? chosen : traits != null ? traits.focal() : FocalPoint.CENTRE;
        }
    }

    /**
     * The video that a version stands for.
     *
     * @param sha256 of its file
     * @param bytes of its file
     * @param length how long it lasts, ms; 0 where it does not say
     */
    public record KeptVideo(String sha256, Kind kind, long bytes, long length) {
        /** "video, 0:08"; "video" where it does not say. */
        public String says() {
            long seconds = Math.round(length / 1000.0);
            return length == 0 ? "video" : String.format(Locale.ROOT, "video, %d:%02d", seconds / 60, seconds % 60);
        }
    }

    /** One file in which a version is shown. */
    public record Made(int width, Format format, String sha256, long bytes) {}
}
