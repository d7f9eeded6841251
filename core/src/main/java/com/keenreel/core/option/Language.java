package com.keenreel.core.option;

import java.util.IllformedLocaleException;
import java.util.Locale;
import java.util.Set;

/**
 * A language, named by a BCP 47 tag such as "de", "pt-BR" or "az-Arab".
 *
 * @param tag in canonical form
 */
public record Language(String tag) {
    /** English. */
    public static final Language ENGLISH = new Language("en");

    /** Scripts that are written from right to left, by ISO 15924. */
    private static final Set<String> RTL_SCRIPTS =
            Set.of("Adlm", "Arab", "Aran", "Hebr", "Mand", "Nkoo", "Rohg", "Samr", "Syrc", "Thaa");

    /** Languages whose usual script is one of those, by CLDR's likely subtags. */
    private static final Set<String> RTL_LANGUAGES = Set.of(
            "ar", "arc", "azb", "bal", "bqi", "ckb", "dv", "fa", "glk", "he", "iw", "ji", "khw", "ks", "lrc", "mzn",
            "nqo", "pnb", "ps", "sd", "skr", "syr", "ug", "ur", "yi");

    public Language {
        try {
            String canonical =
                    new Locale.Builder().setLanguageTag(tag.strip()).build().toLanguageTag();
            if (canonical.equals("und")) {
                throw new IllformedLocaleException("none");
            }
            tag = canonical;
        } catch (IllformedLocaleException unknown) {
            throw new IllegalArgumentException(
                    "\"" + tag + "\" is not a language tag. Write one such as en, de, pt-BR or ar.", unknown);
        }
    }

    /** The way it is read: by its script where the tag names one, else by the language's usual script. */
    public Direction direction() {
        Locale locale = Locale.forLanguageTag(tag);
        boolean rtl = locale.getScript().isEmpty()
                ? RTL_LANGUAGES.contains(locale.getLanguage())
                : RTL_SCRIPTS.contains(locale.getScript());
        return rtl ? Direction.RTL : Direction.LTR;
    }

    /** Its name in English, such as "German" or "Portuguese (Brazil)". */
    public String say() {
        return Locale.forLanguageTag(tag).getDisplayName(Locale.ENGLISH);
    }

    @Override
    public String toString() {
        return tag;
    }
}
