package com.keenreel.imaging;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * The parts of a JPEG file, told from its markers. What decoders trip over (profiles, previews, notes) is told apart from
 * what they need.
 *
 * <p>Source: ITU-T T.81, annex B; the profile as ICC.1 embeds it, in numbered APP2 segments.
 *
 * @param width pixels across as stored
 * @param height pixels down as stored
 * @param components 1 grey, 3 colours, 4 inks
 * @param profile the embedded colour profile, as far as it is whole
 * @param needed from the start to the first scan: what a decoder needs
 * @param scans where the first scan starts in the file
 */
record JpegParts(
        byte[] file, int width, int height, int components, byte @Nullable [] profile, byte[] needed, int scans) {
    private static final byte[] PROFILE = "ICC_PROFILE\0".getBytes(StandardCharsets.ISO_8859_1);
    private static final int END = 0xD9;

    /**
     * Walks through the markers.
     *
     * @throws Refused when the file does not hold together
     */
    static JpegParts of(byte[] file) throws Refused {
        ByteArrayOutputStream needed = new ByteArrayOutputStream();
        TreeMap<Integer, byte[]> profile = new TreeMap<>();
        needed.write(file, 0, 2);
        int width = 0;
        int height = 0;
        int components = 0;
        int at = 2;
        while (true) {
            if (at + 4 > file.length) {
                throw Refused.cutOff(file.length);
            }
            if ((file[at] & 0xFF) != 0xFF) {
                throw Refused.broken();
            }
            int marker = file[at + 1] & 0xFF;
            if (marker == 0xFF) { // padding
                at++;
                continue;
            }
            int length = number(file, at + 2);
            int end = at + 2 + length;
            if (length < 2) {
                throw Refused.broken();
            }
            if (end > file.length) {
                throw Refused.cutOff(file.length);
            }
            if (marker >= 0xC0 && marker <= 0xCF && marker != 0xC4 && marker != 0xC8 && marker != 0xCC) {
                if (marker > 0xC2 || length < 8 || file[at + 4] != 8) {
                    throw new Refused(
                            "This kind of JPEG (lossless, arithmetic or with more than 8 bits) cannot be read."
                                    + " Save it as an ordinary JPEG or as PNG.");
                }
                height = number(file, at + 5);
                width = number(file, at + 7);
                components = file[at + 9] & 0xFF;
            }
            if (marker == 0xDA) {
                break;
            }
            if (marker == 0xE2 && starts(file, at + 4, PROFILE) && length > PROFILE.length + 4) {
                profile.put(file[at + 4 + PROFILE.length] & 0xFF, Arrays.copyOfRange(file, at + 18, end));
            }
            boolean note = marker >= 0xE0 && marker <= 0xEF && marker != 0xEE || marker == 0xFE;
            if (!note) {
                needed.write(file, at, end - at);
            }
            at = end;
        }
        if (width == 0 || height == 0 || components == 0) {
            throw Refused.broken();
        }
        return new JpegParts(file, width, height, components, joined(profile), needed.toByteArray(), at);
    }

    private static byte @Nullable [] joined(TreeMap<Integer, byte[]> parts) {
        if (parts.isEmpty()) {
            return null;
        }
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        parts.values().forEach(all::writeBytes);
        return all.toByteArray();
    }

    private static int number(byte[] file, int at) {
        return (file[at] & 0xFF) << 8 | file[at + 1] & 0xFF;
    }

    private static boolean starts(byte[] file, int at, byte[] with) {
        return at + with.length <= file.length && Arrays.equals(file, at, at + with.length, with, 0, with.length);
    }

    /** The file as a decoder needs it. */
    InputStream stream() {
        return new SequenceInputStream(
                new ByteArrayInputStream(needed), new ByteArrayInputStream(file, scans, file.length - scans));
    }

    /** The file with that colour profile in the place of its own. */
    byte[] withProfile(byte[] other) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(needed, 0, 2);
        int most = 65_535 - 2 - PROFILE.length - 2;
        int parts = (other.length + most - 1) / most;
        for (int part = 0; part < parts; part++) {
            int length = Math.min(most, other.length - part * most);
            int segment = length + 2 + PROFILE.length + 2;
            out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE2, (byte) (segment >> 8), (byte) segment});
            out.writeBytes(PROFILE);
            out.write(part + 1);
            out.write(parts);
            out.write(other, part * most, length);
        }
        out.write(needed, 2, needed.length - 2);
        out.write(file, scans, file.length - scans);
        return out.toByteArray();
    }

    /** Whether the end of the picture is there; what follows it is of no interest. */
    boolean whole() {
        for (int i = file.length - 1; i > scans; i--) {
            if ((file[i] & 0xFF) == END && (file[i - 1] & 0xFF) == 0xFF) {
                return true;
            }
        }
        return false;
    }
}
