package com.keenreel.app.bench;

import com.keenreel.core.reel.Words;
import com.keenreel.core.reel.Words.Said;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.util.StringUtils;

/**
 * A way for a slide of saying what its picture says, or nothing.
 *
 * @param own whether it says something itself at present
 */
public record Whose(String field, boolean own, String words) {
    static List<Whose> of(Words words, Said said, Sheet.Offers offers) {
        List<Whose> all = new ArrayList<>();
        if (offers.titled()) {
            add("title", "title", words.title(), said.title(), all);
        }
        if (offers.worded()) {
            add("text", "text", words.text(), said.text(), all);
        }
        add("alt", "alt text", words.alt(), said.alt(), all);
        return all;
    }

    private static void add(String field, String called, @Nullable String own, String said, List<Whose> all) {
        if (own != null) {
            all.add(new Whose(field, true, StringUtils.capitalize(called) + " as the picture says"));
        } else if (!said.isEmpty()) {
            all.add(new Whose(field, false, "Say no " + called));
        }
    }
}
