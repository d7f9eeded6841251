package com.keenreel.imaging;

import java.nio.charset.StandardCharsets;

/** What a file is, told from its first bytes; its name is never believed. */
public enum Format {
    JPEG("image/jpeg", "jpg"),
    PNG("image/png", "png"),
    WEBP("image/webp", "webp"),
    GIF("image/gif", "gif"),
    TIFF("image/tiff", "tif"),
    SVG("image/svg+xml", "svg");

    private final String mediaType;
    private final String extension;

    Format(String mediaType, String extension) {
        this.mediaType = mediaType;
        this.extension = extension;
    }

    /** As HTTP names it. */
    public String mediaType() {
        return mediaType;
    }

    /** As file names end, without the dot. */
    public String extension() {
        return extension;
    }

    /**
     * Recognises a file.
     *
     * @param bytes at least its first kilobyte, or all of it
     * @throws Refused when it is none of the formats that are taken in
     */
    public static Format of(byte[] bytes) throws Refused {
        if (bytes.length == 0) {
            throw new Refused("The file is empty.");
        }
        if (startsWith(bytes, 0xFF, 0xD8, 0xFF)) {
            return JPEG;
        }
        if (startsWith(bytes, 0x89, 'P', 'N', 'G', 0x0D, 0x0A, 0x1A, 0x0A)) {
            return PNG;
        }
        if (startsWith(bytes, 'R', 'I', 'F', 'F')
                && bytes.length > 12
                && ascii(bytes, 8, 4).equals("WEBP")) {
            return WEBP;
        }
        if (startsWith(bytes, 'G', 'I', 'F', '8')) {
            return GIF;
        }
        if (startsWith(bytes, 'P', 'K', 3, 4)) {
            throw new Refused("This is a packed folder (ZIP). Unpack it and bring the pictures that are in it.");
        }
        if (startsWith(bytes, 'I', 'I', 42, 0) || startsWith(bytes, 'M', 'M', 0, 42)) {
            return TIFF;
        }
        if (isHeif(bytes)) {
            throw new Refused("This is a HEIC or AVIF picture, which a browser makes readable while it is brought."
                    + " Bring it on Pictures, or save it as JPEG.");
        }
        if (startsWith(bytes, '%', 'P', 'D', 'F')) {
            throw new Refused("This is a PDF. Save the page that you want as PNG, and bring that.");
        }
        if (startsWith(bytes, '8', 'B', 'P', 'S')) {
            throw new Refused("This is a Photoshop document. Save it as JPEG or PNG, and bring that.");
        }
        if (CleanSvg.isDrawing(bytes)) {
            return SVG;
        }
        throw new Refused("This is not a JPEG, PNG, WebP, GIF, TIFF or SVG picture.");
    }

    /** Whether it is a picture in a HEIF container, AVIF among them. Source: ISO/IEC 23008-12, brands. */
    static boolean isHeif(byte[] bytes) {
        return bytes.length > 12
                && ascii(bytes, 4, 4).equals("ftyp")
                && ascii(bytes, 8, 4).matches("hei[cxms]|hev[cxms]|mif[12]|msf1|avi[fs]");
    }

    private static boolean startsWith(byte[] bytes, int... wanted) {
        if (bytes.length < wanted.length) {
            return false;
        }
        for (int i = 0; i < wanted.length; i++) {
            if ((bytes[i] & 0xFF) != wanted[i]) {
                return false;
            }
        }
        return true;
    }

    private static String ascii(byte[] bytes, int from, int length) {
        return new String(bytes, from, length, StandardCharsets.ISO_8859_1);
    }
}
