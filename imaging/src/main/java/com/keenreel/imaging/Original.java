package com.keenreel.imaging;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * A file that is kept as it was brought and shown from a copy that the editor's browser decoded: HEIC or AVIF.
 *
 * @param kind "HEIC" or "AVIF"
 * @param words what it says of itself; it is upright already when it is decoded
 * @param profile the colour profile that its numbers are of; null where it has none of its own
 */
public record Original(String kind, byte[] bytes, FileWords words, byte @Nullable [] profile) {
    private static final int MOST_PROFILE = 4 * 1024 * 1024;

    /**
     * Looks at such a file.
     *
     * @throws Refused when it is none
     */
    public static Original look(byte[] file) throws Refused {
        if (file.length > Received.MOST_BYTES) {
            throw new Refused("The file has " + file.length / (1024 * 1024) + " MB; 60 MB are the most.");
        }
        if (!Format.isHeif(file)) {
            throw new Refused("This is no HEIC and no AVIF picture.");
        }
        String brand = new String(file, 8, 4, StandardCharsets.ISO_8859_1);
        FileWords words = FileWords.of(file);
        return new Original(
                brand.startsWith("avi") ? "AVIF" : "HEIC",
                file,
                new FileWords(words.title(), words.caption(), words.alt(), words.credit(), words.taken(), 1),
                profile(ByteBuffer.wrap(file), "meta", "iprp", "ipco", "colr"));
    }

    /**
     * The profile in the box at the end of that path, if there is one. Source: ISO/IEC 14496-12, boxes and 12.1.5, colour
     * information.
     */
    private static byte @Nullable [] profile(ByteBuffer boxes, String... path) {
        while (boxes.remaining() >= 8) {
            int start = boxes.position();
            int size = boxes.getInt();
            byte[] name = new byte[4];
            boxes.get(name);
            String box = new String(name, StandardCharsets.ISO_8859_1);
            int end = size == 0 ? boxes.limit() : start + size;
            if (end < boxes.position() || end > boxes.limit()) {
                return null; // also boxes of more than 2 GB, which no picture needs
            }
            if (box.equals(path[0])) {
                ByteBuffer inside = boxes.duplicate().limit(end);
                byte[] found = path.length == 1 ? profileIn(inside) : deeper(inside, box, path);
                if (found != null) {
                    return found;
                }
            }
            boxes.position(end);
        }
        return null;
    }

    private static byte @Nullable [] deeper(ByteBuffer inside, String box, String[] path) {
        int versionAndFlags = box.equals("meta") ? 4 : 0;
        if (inside.remaining() < versionAndFlags) {
            return null;
        }
        return profile(inside.position(inside.position() + versionAndFlags), Arrays.copyOfRange(path, 1, path.length));
    }

    private static byte @Nullable [] profileIn(ByteBuffer colr) {
        byte[] kind = new byte[4];
        if (colr.remaining() < 4 || colr.remaining() > MOST_PROFILE) {
            return null;
        }
        colr.get(kind);
        if (!new String(kind, StandardCharsets.ISO_8859_1).matches("prof|rICC")) {
            return null;
        }
        byte[] profile = new byte[colr.remaining()];
        colr.get(profile);
        return profile;
    }
}
