package com.keenreel.app.bench;

import com.keenreel.core.reel.Words;
import com.keenreel.core.reel.Words.Field;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A field in which a slide says what it shows to those who do not see it: one for a picture, one for each side of a comparison.
 *
 * @param field what it is called in edits
 * @param own what the slide says itself; null for what its picture says
 * @param offered what stands in it while nothing is written there
 * @param rows how many lines it has
 */
public record AltField(
        String field, String called, @Nullable String own, String offered, int rows) {
    private static final String ASKED = "What the picture shows, for those who do not see it";

    static List<AltField> of(Sheet sheet) {
        if (sheet.slide().carries().pictures().isEmpty()) {
            return List.of();
        }
        Words words = sheet.words();
        return sheet.pair() == null
                ? List.of(of(Field.ALT, "Alt text", words, sheet.said().alt(), 3))
                : List.of(
                        of(Field.ALT_BEFORE, "Alt text of the side before", words, sheet.altBefore(), 2),
                        of(
                                Field.ALT,
                                "Alt text of the side after",
                                words,
                                sheet.said().alt(),
                                2));
    }

    private static AltField of(Field field, String called, Words words, String said, int rows) {
        return new AltField(field.word(), called, words.said(field), said.isEmpty() ? ASKED : said, rows);
    }
}
