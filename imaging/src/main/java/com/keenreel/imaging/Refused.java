package com.keenreel.imaging;

/** A file that cannot be taken in, with a sentence for the person who brought it. */
public final class Refused extends Exception {
    public Refused(String reason) {
        super(reason, null, false, false);
    }

    /** Refused because it does not hold together. */
    static Refused broken() {
        return new Refused("The file is broken. Copy it again from where it came from.");
    }

    /** Refused because its end is missing. */
    static Refused cutOff(long bytes) {
        return new Refused("The file is cut off: it ends after " + amount(bytes)
                + ", before its picture does. Copy it again from where it came from.");
    }

    /** Bytes as people say them. */
    static String amount(long bytes) {
        if (bytes < 1000) {
            return bytes + " bytes";
        }
        return bytes < 1_000_000
                ? String.format(java.util.Locale.ROOT, "%.1f kB", bytes / 1e3)
                : String.format(java.util.Locale.ROOT, "%.1f MB", bytes / 1e6);
    }
}
