package com.keenreel.imaging;

import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.CRC32;

/**
 * Who a picture is by, written into its encoded files: the one thing that is kept of a file's metadata.
 *
 * <p>Source: Exif 3.0, tag Copyright (0x8298); where it stands in a file: JPEG's APP1, PNG's eXIf, WebP's EXIF chunk.
 */
final class Credit {
    private static final int EXIF_FLAG = 0x08;
    private static final int ALPHA_FLAG = 0x10;

    private Credit() {}

    /** The file with that credit; the file itself where there is none to give. */
    static byte[] in(byte[] file, Format format, String credit, int width, int height, boolean alpha) {
        if (credit.isBlank()) {
            return file;
        }
        byte[] exif = exif(credit);
        return switch (format) {
            case JPEG -> jpeg(file, exif);
            case PNG -> png(file, exif);
            case WEBP -> webp(file, exif, width, height, alpha);
            case GIF, TIFF, SVG -> file;
        };
    }

    private static byte[] exif(String credit) {
        byte[] text = credit.getBytes(StandardCharsets.UTF_8);
        return ByteBuffer.allocate(8 + 2 + 12 + 4 + Math.max(5, text.length + 1))
                .order(ByteOrder.LITTLE_ENDIAN)
                .put(new byte[] {'I', 'I', 42, 0})
                .putInt(8)
                .putShort((short) 1)
                .putShort((short) 0x8298)
                .putShort((short) 2)
                .putInt(Math.max(5, text.length + 1)) // four bytes and fewer would stand in the entry itself
                .putInt(26)
                .putInt(0)
                .put(text)
                .array();
    }

    /** After the first segment, which says that it is a JPEG file. */
    private static byte[] jpeg(byte[] file, byte[] exif) {
        int after = 4 + ((file[4] & 0xFF) << 8 | file[5] & 0xFF);
        ByteArrayOutputStream out = new ByteArrayOutputStream(file.length + exif.length + 10);
        out.write(file, 0, after);
        out.writeBytes(ByteBuffer.allocate(10)
                .put((byte) 0xFF)
                .put((byte) 0xE1)
                .putShort((short) (exif.length + 8))
                .put(new byte[] {'E', 'x', 'i', 'f', 0, 0})
                .array());
        out.writeBytes(exif);
        out.write(file, after, file.length - after);
        return out.toByteArray();
    }

    /** After the header. */
    private static byte[] png(byte[] file, byte[] exif) {
        int after = 33;
        byte[] named = ByteBuffer.allocate(4 + exif.length)
                .put(new byte[] {'e', 'X', 'I', 'f'})
                .put(exif)
                .array();
        CRC32 sum = new CRC32();
        sum.update(named);
        return ByteBuffer.allocate(file.length + 12 + exif.length)
                .put(file, 0, after)
                .putInt(exif.length)
                .put(named)
                .putInt((int) sum.getValue())
                .put(file, after, file.length - after)
                .array();
    }

    /** At the end, announced in the header, which a plain file gets first. */
    private static byte[] webp(byte[] file, byte[] exif, int width, int height, boolean alpha) {
        boolean extended = new String(file, 12, 4, StandardCharsets.ISO_8859_1).equals("VP8X");
        byte[] header = extended ? Arrays.copyOfRange(file, 12, 30) : header(width, height, alpha);
        header[8] |= EXIF_FLAG;
        int rest = extended ? 30 : 12;
        int padded = exif.length + exif.length % 2;
        ByteBuffer out = ByteBuffer.allocate(12 + header.length + (file.length - rest) + 8 + padded)
                .order(ByteOrder.LITTLE_ENDIAN)
                .put(file, 0, 4)
                .putInt(4 + header.length + (file.length - rest) + 8 + padded)
                .put(file, 8, 4)
                .put(header)
                .put(file, rest, file.length - rest)
                .put(new byte[] {'E', 'X', 'I', 'F'})
                .putInt(exif.length)
                .put(exif);
        return out.array();
    }

    private static byte[] header(int width, int height, boolean alpha) {
        ByteBuffer header = ByteBuffer.allocate(18).order(ByteOrder.LITTLE_ENDIAN);
        header.put(new byte[] {'V', 'P', '8', 'X'}).putInt(10).putInt(alpha ? ALPHA_FLAG : 0);
        for (int length : new int[] {width - 1, height - 1}) {
            header.put((byte) length).put((byte) (length >> 8)).put((byte) (length >> 16));
        }
        return header.array();
    }
}
