package com.keenreel.imaging;

/** Whether a GIF moves. Source: the GIF89a specification, its blocks. */
final class Gif {
    private Gif() {}

    /** True when a second picture follows the first. */
    static boolean moves(byte[] file) {
        int at = 13 + table(file, 10);
        int pictures = 0;
        while (at < file.length) {
            switch (file[at]) {
                case 0x21 -> at = pastBlocks(file, at + 2);
                case 0x2C -> {
                    pictures++;
                    if (pictures > 1) {
                        return true;
                    }
                    at = pastBlocks(file, at + 11 + table(file, at + 9));
                }
                default -> {
                    return false;
                }
            }
        }
        return false;
    }

    /** How long the table of colours is that these flags announce. */
    private static int table(byte[] file, int flags) {
        return flags < file.length && (file[flags] & 0x80) != 0 ? 3 << (file[flags] & 7) + 1 : 0;
    }

    private static int pastBlocks(byte[] file, int start) {
        int at = start;
        while (at < file.length && file[at] != 0) {
            at += 1 + (file[at] & 0xFF);
        }
        return at + 1;
    }
}
