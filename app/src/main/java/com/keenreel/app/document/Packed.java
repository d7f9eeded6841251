package com.keenreel.app.document;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;

/** Long texts as they are kept: what was printed says the same things again and again, and takes a quarter of the room. */
public final class Packed {
    private static final String MARK = "deflate:"; // how no fragment, page or drawing begins
    private static final int LEAST = 1_000;

    private Packed() {}

    /** The text as it is kept; a short one as it is. */
    public static String pack(String text) {
        if (text.length() < LEAST) {
            return text;
        }
        Deflater deflater = new Deflater(Deflater.BEST_COMPRESSION);
        deflater.setInput(text.getBytes(StandardCharsets.UTF_8));
        deflater.finish();
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        byte[] part = new byte[8192];
        while (!deflater.finished()) {
            packed.write(part, 0, deflater.deflate(part));
        }
        deflater.end();
        return MARK + Base64.getEncoder().encodeToString(packed.toByteArray());
    }

    /**
     * The text.
     *
     * @throws Unreadable when it is damaged
     */
    public static String unpack(String kept) {
        if (!kept.startsWith(MARK)) {
            return kept;
        }
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(Base64.getDecoder().decode(kept.substring(MARK.length())));
            ByteArrayOutputStream text = new ByteArrayOutputStream();
            byte[] part = new byte[8192];
            while (!inflater.finished()) {
                int length = inflater.inflate(part);
                if (length == 0 && inflater.needsInput()) {
                    throw new DataFormatException("it ends too early");
                }
                text.write(part, 0, length);
            }
            return text.toString(StandardCharsets.UTF_8);
        } catch (DataFormatException | IllegalArgumentException damaged) {
            throw new Unreadable("What was published is damaged: " + damaged.getMessage(), damaged);
        } finally {
            inflater.end();
        }
    }
}
