package com.keenreel.core.text;

/** How many lines a text takes, broken as browsers break it: after spaces and hyphens, a word that is too long within. */
public final class Breaking {
    private Breaking() {}

    /**
     * The lines that a text needs.
     *
     * @param bold whether it is set in the bold weight
     * @param size of the type, px
     * @param width of a line, px
     * @param type how wide text is
     * @return 0 for an empty text
     */
    public static int lines(String text, boolean bold, double size, double width, Advances type) {
        int lines = 0;
        for (String paragraph : text.strip().split("\\R")) {
            lines += paragraph.isBlank() ? 0 : linesOf(paragraph.strip(), bold, size, Math.max(1, width), type);
        }
        return lines;
    }

    private static int linesOf(String paragraph, boolean bold, double size, double width, Advances type) {
        int lines = 1;
        String line = "";
        for (String piece : paragraph.split("(?<=[ -])")) {
            String longer = line + piece;
            if (type.of(longer.stripTrailing(), bold, size) <= width) {
                line = longer;
                continue;
            }
            double own = type.of(piece.stripTrailing(), bold, size);
            lines += (line.isEmpty() ? 0 : 1) + (int) Math.max(0, Math.ceil(own / width) - 1);
            line = own <= width ? piece : "";
        }
        return lines;
    }
}
