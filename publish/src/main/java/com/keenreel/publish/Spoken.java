package com.keenreel.publish;

import com.keenreel.core.option.Language;
import com.keenreel.core.option.Options;
import com.keenreel.core.option.Phrase;
import com.keenreel.core.reel.Reel;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;

/**
 * What is said to visitors who listen: in the reel's language, reworded where its editor wants it. The phrases of the
 * languages are in {@code speech/LANGUAGE.properties}; a language that has none is spoken to in English.
 */
public final class Spoken {
    private static final Map<String, Properties> LANGUAGES = new ConcurrentHashMap<>();

    private final Reel reel;

    /** What that reel says. */
    public Spoken(Reel reel) {
        this.reel = reel;
    }

    /** The phrase as it is published; numbers not yet put in. */
    public String say(Phrase phrase) {
        String own = reel.choices().get(Options.wording(phrase));
        return own.isEmpty() ? usual(phrase) : own;
    }

    /** Every phrase as it is published: equal for reels that say the same. */
    List<String> everything() {
        return Arrays.stream(Phrase.values()).map(this::say).toList();
    }

    /** The phrase as the language has it. */
    public String usual(Phrase phrase) {
        String found = phrases(reel.language()).getProperty(phrase.word());
        return found != null ? found : phrases(Language.ENGLISH).getProperty(phrase.word());
    }

    /** True when there are phrases in that language, or in one that it is a variety of. */
    public static boolean knows(Language language) {
        return !phrases(language).isEmpty();
    }

    String position(int n, int count) {
        return Phrase.place(say(Phrase.POSITION), n, count);
    }

    private static Properties phrases(Language language) {
        return LANGUAGES.computeIfAbsent(Locale.forLanguageTag(language.tag()).getLanguage(), Spoken::read);
    }

    private static Properties read(String language) {
        Properties phrases = new Properties();
        try (InputStream in = Spoken.class.getResourceAsStream("speech/" + language + ".properties")) {
            if (in != null) {
                phrases.load(new InputStreamReader(in, StandardCharsets.UTF_8));
            }
            return phrases;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
