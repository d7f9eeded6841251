package com.keenreel.app.store;

import java.text.Normalizer;
import java.util.Locale;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;

/** Texts as they are searched: small letters, no accents. */
final class Sought {
    private Sought() {}

    static String of(String... texts) {
        return Normalizer.normalize(String.join("\n", texts), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
    }

    /** That all words of a text are in a column that {@link #of} has written. */
    static Condition in(Field<String> column, String text) {
        Condition all = DSL.noCondition();
        for (String word : of(text).strip().split("\\s+")) {
            all = word.isEmpty() ? all : all.and(DSL.position(column, word).gt(0));
        }
        return all;
    }
}
