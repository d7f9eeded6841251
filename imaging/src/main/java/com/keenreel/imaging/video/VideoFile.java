package com.keenreel.imaging.video;

import com.keenreel.imaging.Refused;
import java.io.EOFException;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Map;

/**
 * A file of moving pictures, looked at without decoding it. It is shown as it is: what some browsers cannot play is refused.
 *
 * @param kind what it is
 * @param width px across, as it is shown
 * @param height px down, as it is shown
 * @param length how long it lasts, ms; 0 where it does not say
 * @param note what the person who brought it should know; empty when there is nothing
 */
public record VideoFile(Kind kind, int width, int height, long length, String note) {
    /** The greatest file that is taken in, bytes. */
    public static final long MOST_BYTES = 200L << 20;

    /** The most px across or down. */
    private static final int MOST = 4096;

    /** A container that browsers play. */
    public enum Kind {
        MP4("MP4", "video/mp4", "mp4"),
        WEBM("WebM", "video/webm", "webm");

        private final String called;
        private final String mediaType;
        private final String extension;

        Kind(String called, String mediaType, String extension) {
            this.called = called;
            this.mediaType = mediaType;
            this.extension = extension;
        }

        /** As people call it. */
        public String called() {
            return called;
        }

        /** As HTTP names it. */
        public String mediaType() {
            return mediaType;
        }

        /** As file names end, without the dot. */
        public String extension() {
            return extension;
        }
    }

    public VideoFile {
        if (width < 1 || height < 1 || length < 0) {
            throw new IllegalArgumentException("A video has at least one pixel, and does not end before it begins.");
        }
    }

    /** What other containers begin with, and what they are called. */
    private static final Map<String, String> OTHERS = Map.of(
            "RIFF", "an AVI",
            "\u0030\u0026\u00b2\u0075", "a Windows Media",
            "FLV\u0001", "a Flash",
            "OggS", "an Ogg",
            "\u0000\u0000\u0001\u00ba", "an MPEG");

    /**
     * Looks at a file.
     *
     * @throws Refused with a sentence, when it is no video, too large or broken, or not every browser plays it
     */
    public static VideoFile look(Path place) throws Refused, IOException {
        try (FileChannel channel = FileChannel.open(place)) {
            Bytes file = new Bytes(channel);
            if (file.size() == 0) {
                throw new Refused("The file is empty.");
            }
            if (file.size() > MOST_BYTES) {
                throw tooLarge();
            }
            VideoFile video = read(file);
            if (video.width > MOST || video.height > MOST) {
                throw new Refused("The video has " + video.width + " x " + video.height + " pixels; " + MOST
                        + " across and down are the most. Save it smaller.");
            }
            return video;
        } catch (EOFException | ArithmeticException broken) {
            throw new Refused("The file is broken, or not whole. Copy it again from where it came from.");
        }
    }

    /** Refused for its size. */
    public static Refused tooLarge() {
        return new Refused("The file has more than " + (MOST_BYTES >> 20)
                + " MB, which no visitor would wait for. Save it shorter or smaller.");
    }

    private static VideoFile read(Bytes file) throws Refused, IOException {
        if (file.size() < 12) {
            throw none();
        }
        if (file.number(0, 4) == Ebml.HEADER) {
            return WebM.read(file);
        }
        String start = file.text(0, 12);
        if (start.startsWith("ftyp", 4)) {
            return Mp4.read(file, start.substring(8));
        }
        if (start.matches("(?s).{4}(moov|mdat|wide|free|skip).*")) {
            throw asMp4("a QuickTime");
        }
        String other = OTHERS.get(start.substring(0, 4));
        if (other != null && (!start.startsWith("RIFF") || start.endsWith("AVI "))) {
            throw asMp4(other);
        }
        throw none();
    }

    private static Refused none() {
        return new Refused("This is no MP4 and no WebM video.");
    }

    /** Refused because it is something that not every browser plays. */
    static Refused asMp4(String other) {
        return new Refused("This is " + other
                + " video, which not every browser plays. Save it as MP4 with H.264, and bring that.");
    }

    /** Refused because of how its pictures are coded. */
    static Refused coded(String how) {
        return new Refused("Its pictures are coded as " + how
                + ", which not every browser plays. Save it as MP4 with H.264, and bring that.");
    }

    /** Refused because there is nothing to be seen. */
    static Refused onlySound() {
        return new Refused("There are no moving pictures in this file.");
    }

    /** Refused because its end is missing. */
    static Refused cutOff() {
        return new Refused("The file is cut off: its end is missing. Copy it again from where it came from.");
    }
}
