package com.keenreel.core.option;

/** The way lines are read. In a right-to-left reel everything stands and moves the other way round. */
public enum Direction {
    LTR,
    RTL;

    /** As HTML's {@code dir} writes it: "ltr" or "rtl". */
    public String word() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }

    /** 1 where the next slide stands to the right, -1 where it stands to the left. */
    public int sign() {
        return this == LTR ? 1 : -1;
    }

    /** Words about sides, said as this direction has them: what is left in one is right in the other. */
    public String say(String words) {
        if (this == LTR) {
            return words;
        }
        return words.replaceAll("\\bleft\\b", "\0")
                .replaceAll("\\bright\\b", "left")
                .replace("\0", "right");
    }
}
