package com.keenreel.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.reel.Reel;
import com.keenreel.core.reel.Words;
import org.junit.jupiter.api.Test;

/** What is pasted with a text and seen by nobody. */
class TypedTest {
    private static final String[][] TYPED_AND_KEPT = {
        {"Tiles\0 and \33glaze", "Tiles and glaze"},
        {"half \uD83D of it", "half  of it"},
        {"the other half \uDE00", "the other half "},
        {"tiles\u202Egnp.exe", "tilesgnp.exe"},
        {"\u2067\uFEFFname\u2069", "name"},
        {"\uD83D\uDE00 a face", "\uD83D\uDE00 a face"},
        {"two\nlines\tand a tab", "two\nlines\tand a tab"},
        {"\u0645\u200Cx \u200F\u05D0", "\u0645\u200Cx \u200F\u05D0"},
    };

    @Test
    void whatNobodySeesIsLeftOut() {
        for (String[] one : TYPED_AND_KEPT) {
            assertThat(Typed.cleaned(one[0])).isEqualTo(one[1]);
        }
    }

    @Test
    void namesAndWordsAreCleaned() {
        assertThat(Reel.named("Sp\0ring\u202E").name()).isEqualTo("Spring");
        Words words = Words.NONE.with(Words.Field.TITLE, "Days\uD83D").with(Words.Field.ALT, "\u2066A bench");
        assertThat(words.title()).isEqualTo("Days");
        assertThat(words.alt()).isEqualTo("A bench");
    }
}
