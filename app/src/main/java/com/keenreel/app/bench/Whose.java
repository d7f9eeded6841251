package com.keenreel.app.bench;

import com.keenreel.core.reel.Words;
import com.keenreel.core.reel.Words.Field;
import java.util.ArrayList;
import java.util.List;
import org.springframework.util.StringUtils;

/**
 * A way for a slide of saying what its picture says, or nothing.
 *
 * @param own whether it says something itself at present
 */
public record Whose(String field, boolean own, String words) {
    static List<Whose> of(Sheet sheet) {
        Words words = sheet.words();
        List<Whose> all = new ArrayList<>();
        if (sheet.offers().titled()) {
            add(Field.TITLE, "title", words, sheet.said().title(), all);
        }
        if (sheet.offers().worded()) {
            add(Field.TEXT, "text", words, sheet.said().text(), all);
        }
        boolean compares = sheet.pair() != null;
        add(
                Field.ALT,
                compares ? "alt text after" : "alt text",
                words,
                sheet.said().alt(),
                all);
        if (compares) {
            add(Field.ALT_BEFORE, "alt text before", words, sheet.altBefore(), all);
        }
        return all;
    }

    private static void add(Field field, String called, Words words, String said, List<Whose> all) {
        if (words.said(field) != null) {
            all.add(new Whose(field.word(), true, StringUtils.capitalize(called) + " as the picture says"));
        } else if (!said.isEmpty()) {
            all.add(new Whose(field.word(), false, "Say no " + called));
        }
    }
}
