package com.keenreel.imaging.video;

import com.keenreel.imaging.Refused;
import com.keenreel.imaging.video.VideoFile.Kind;
import java.io.EOFException;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What the boxes of an MP4 file say. Source: ISO/IEC 14496-12, the ISO base media file format; 14496-15, how H.264 is carried
 * in it.
 */
final class Mp4 {
    /** Bytes of a visual sample entry before the boxes in it. */
    private static final int ENTRY = 78;

    private static final int MOST_BOXES = 4000;

    /** Profiles of H.264 with 8 bits and halved colours: baseline, main, extended, high. */
    private static final Set<Integer> PLAYED = Set.of(66, 77, 88, 100);

    private static final Set<String> H264 = Set.of("avc1", "avc3");
    private static final Set<String> FREE = Set.of("vp08", "vp09", "av01");
    private static final Map<String, String> OTHERS = Map.ofEntries(
            Map.entry("hvc1", "H.265 (HEVC)"),
            Map.entry("hev1", "H.265 (HEVC)"),
            Map.entry("dvh1", "H.265 (HEVC)"),
            Map.entry("dvhe", "H.265 (HEVC)"),
            Map.entry("vvc1", "H.266"),
            Map.entry("mp4v", "MPEG-4"),
            Map.entry("s263", "H.263"),
            Map.entry("mjpa", "single JPEG pictures"),
            Map.entry("jpeg", "single JPEG pictures"),
            Map.entry("apcn", "ProRes"),
            Map.entry("apch", "ProRes"),
            Map.entry("apcs", "ProRes"));

    private final Bytes file;

    private Mp4(Bytes file) {
        this.file = file;
    }

    /** One box: its name, and where what is in it begins and ends. */
    private record Box(String name, long from, long end) {}

    /**
     * Reads a file that begins with its brand.
     *
     * @param brand four letters
     */
    static VideoFile read(Bytes file, String brand) throws Refused, IOException {
        if (brand.equals("qt  ")) {
            throw VideoFile.asMp4("a QuickTime");
        }
        return new Mp4(file).read();
    }

    private VideoFile read() throws Refused, IOException {
        List<Box> all = boxes(0, file.size());
        Box last = all.get(all.size() - 1);
        if (last.end > file.size()) {
            throw VideoFile.cutOff();
        }
        Box movie = find(all, "moov").orElseThrow(VideoFile::cutOff);
        Box track = null;
        for (Box one : inside(movie)) {
            if (one.name.equals("trak") && track == null && shows(one)) {
                track = one;
            }
        }
        if (track == null) {
            throw VideoFile.onlySound();
        }
        Box entry = entry(track);
        refuse(entry);
        int[] size = size(track, entry);
        boolean late = find(all, "mdat").filter(data -> data.from < movie.from).isPresent();
        String note = late
                ? "Its index stands at its end, so that it begins late; saved for the web (\"fast start\") it would not."
                : "";
        return new VideoFile(Kind.MP4, size[0], size[1], length(movie), note);
    }

    private List<Box> boxes(long from, long end) throws IOException {
        List<Box> all = new ArrayList<>();
        long at = from;
        while (at + 8 <= end) {
            long size = file.number(at, 4);
            String name = file.text(at + 4, 4);
            long inside = at + 8;
            if (size == 1) {
                size = file.number(inside, 8);
                inside += 8;
            } else if (size == 0) {
                size = end - at;
            }
            if (size < inside - at || all.size() == MOST_BOXES) {
                throw new EOFException();
            }
            all.add(new Box(name, inside, Math.addExact(at, size)));
            at = Math.addExact(at, size);
        }
        if (all.isEmpty()) {
            throw new EOFException();
        }
        return all;
    }

    private List<Box> inside(Box box) throws IOException {
        return boxes(box.from, box.end);
    }

    private static Optional<Box> find(List<Box> boxes, String name) {
        return boxes.stream().filter(box -> box.name.equals(name)).findFirst();
    }

    /** The box at the end of that path. */
    private Box at(Box box, String... path) throws IOException {
        Box found = box;
        for (String name : path) {
            found = find(inside(found), name).orElseThrow(EOFException::new);
        }
        return found;
    }

    /** Whether a track is one of moving pictures. */
    private boolean shows(Box track) throws IOException {
        return file.text(at(track, "mdia", "hdlr").from + 8, 4).equals("vide");
    }

    /** How the samples of a track are coded: a full box, a count, then entries. */
    private Box entry(Box track) throws IOException {
        Box said = at(track, "mdia", "minf", "stbl", "stsd");
        return boxes(said.from + 8, said.end).get(0);
    }

    private void refuse(Box entry) throws Refused, IOException {
        if (entry.name.equals("encv")) {
            throw new Refused("The video is locked by whoever made it, so that no page can show it.");
        }
        if (H264.contains(entry.name)) {
            Box how = find(boxes(entry.from + ENTRY, entry.end), "avcC").orElseThrow(EOFException::new);
            int profile = (int) file.number(how.from + 1, 1);
            if (!PLAYED.contains(profile)) {
                throw VideoFile.coded("H.264 for studios (profile " + profile + ")");
            }
        } else if (!FREE.contains(entry.name)) {
            throw VideoFile.coded(OTHERS.getOrDefault(entry.name, "\"" + entry.name.strip() + "\""));
        }
    }

    /** As it is shown: a track may be turned by a quarter, and its pixels need not be square. */
    private int[] size(Box track, Box entry) throws IOException {
        Box header = at(track, "tkhd");
        int matrix = file.number(header.from, 1) == 1 ? 52 : 40;
        ByteBuffer said = file.at(header.from + matrix, 44);
        boolean turned = Math.abs((long) said.getInt(4)) > Math.abs((long) said.getInt(0));
        int width = said.getInt(36) >>> 16;
        int height = said.getInt(40) >>> 16;
        if (width == 0 || height == 0) {
            width = (int) file.number(entry.from + 24, 2);
            height = (int) file.number(entry.from + 26, 2);
        }
        if (width == 0 || height == 0) {
            throw new EOFException();
        }
        return turned ? new int[] {height, width} : new int[] {width, height};
    }

    /** Ms; of a file that is made in pieces, where it says so. */
    private long length(Box movie) throws IOException {
        Box header = at(movie, "mvhd");
        boolean wide = file.number(header.from, 1) == 1;
        long scale = file.number(header.from + (wide ? 20 : 12), 4);
        long lasts = file.number(header.from + (wide ? 24 : 16), wide ? 8 : 4);
        Box pieces = find(inside(movie), "mvex").orElse(null);
        if (lasts == 0 && pieces != null) {
            lasts = inPieces(find(inside(pieces), "mehd").orElse(null));
        }
        boolean unknown = scale == 0 || lasts < 0 || lasts == 0xFFFFFFFFL;
        return unknown ? 0 : Math.multiplyExact(lasts, 1000L) / scale;
    }

    private long inPieces(@Nullable Box header) throws IOException {
        return header == null ? 0 : file.number(header.from + 4, file.number(header.from, 1) == 1 ? 8 : 4);
    }
}
