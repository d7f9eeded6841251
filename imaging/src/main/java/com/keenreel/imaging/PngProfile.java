package com.keenreel.imaging;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.zip.InflaterInputStream;
import org.jspecify.annotations.Nullable;

/** The colour profile in a PNG file. Source: the PNG specification, chunk iCCP. */
final class PngProfile {
    private static final int MOST = 4 * 1024 * 1024;

    private PngProfile() {}

    /** The profile, or null where there is none that can be read. */
    static byte @Nullable [] of(byte[] file) {
        ByteBuffer chunks = ByteBuffer.wrap(file).position(8);
        while (chunks.remaining() >= 12) {
            int length = chunks.getInt();
            byte[] name = new byte[4];
            chunks.get(name);
            String chunk = new String(name, StandardCharsets.ISO_8859_1);
            if (length < 0 || length > chunks.remaining() - 4 || chunk.equals("IDAT")) {
                return null;
            }
            if (chunk.equals("iCCP")) {
                return unpacked(file, chunks.position(), length);
            }
            chunks.position(chunks.position() + length + 4);
        }
        return null;
    }

    private static byte @Nullable [] unpacked(byte[] file, int start, int length) {
        int zero = start;
        while (zero < start + length && file[zero] != 0) {
            zero++;
        }
        int from = zero + 2; // the name ends with a zero, then says how it is packed
        if (from >= start + length) {
            return null;
        }
        try (InflaterInputStream in =
                new InflaterInputStream(new ByteArrayInputStream(file, from, start + length - from))) {
            byte[] profile = in.readNBytes(MOST);
            return profile.length < MOST ? profile : null;
        } catch (IOException broken) {
            return null;
        }
    }
}
