package com.keenreel.app.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Texts kept as what leads to them from later ones. */
class PatchTest {
    private static final String[] LETTERS = {
        "a", "b", "{", "\"", "\\", "é", "\uD83D\uDE00", "\uD83D\uDE01", "\uD83E\uDE01"
    };

    private static String text(Random random, int most) {
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(most); i > 0; i--) {
            text.append(LETTERS[random.nextInt(LETTERS.length)]);
        }
        return text.toString();
    }

    @Test
    void whatIsKeptAsUtf8LeadsBackToTheSameText() {
        Random random = new Random(7);
        for (int i = 0; i < 5000; i++) {
            String start = text(random, 5);
            String end = text(random, 5);
            String earlier = start + text(random, 4) + end;
            String later = start + text(random, 4) + end;
            byte[] kept = Patch.between(later, earlier).getBytes(StandardCharsets.UTF_8);
            assertThat(Patch.apply(new String(kept, StandardCharsets.UTF_8), later))
                    .as("from %s to %s", later, earlier)
                    .isEqualTo(earlier);
        }
    }

    @Test
    void littleIsKeptOfWhatDiffersLittle() {
        String document = "{\"name\":\"" + "n".repeat(2000) + "\"}";
        String patch = Patch.between(document.replace("\"name", "\"title"), document);
        assertThat(Patch.is(patch)).isTrue();
        assertThat(Patch.is(document)).isFalse();
        assertThat(patch).isEqualTo("[2,2006,\"nam\"]");
    }
}
