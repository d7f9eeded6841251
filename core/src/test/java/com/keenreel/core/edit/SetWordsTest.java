package com.keenreel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import com.keenreel.core.reel.SlideId;
import com.keenreel.core.reel.Words;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What people type is completed; what stands in the history is done again as it stands there. */
class SetWordsTest {
    private static Edit say(Words.Field field, String text) {
        return new SetWords(new SlideId("aaaaaaaaaaaa"), field, text);
    }

    @Test
    void aLinkIsCompletedWhereItIsTypedAndNowhereElse() {
        Edit typed = say(Words.Field.LINK, "fennock.example");
        assertThat(typed.meant()).isEqualTo(say(Words.Field.LINK, "https://fennock.example"));
        assertThat(typed).isEqualTo(say(Words.Field.LINK, "fennock.example"));
        assertThat(new Several(List.of(typed)).meant()).isEqualTo(new Several(List.of(typed.meant())));
        Edit title = say(Words.Field.TITLE, "fennock.example");
        assertThat(title.meant()).isEqualTo(title);
        assertThat(Words.NONE.with(Words.Field.LINK, "fennock.example").link())
                .as("as an older document has it")
                .isEqualTo("fennock.example");
    }
}
